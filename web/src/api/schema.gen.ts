/* Generated from server/openapi.json by `npm run api`. */
import type { ChainCheck, DogRecordParts, KennelBreed, KennelFile, KennelIntervalChange, KennelProductChange, KennelRow, KennelStepChange, Patch, PersonParts, Plan, PlannedActivity, SchoolChoices, ToldBreak, UnplacedChain, VersionedWork, WhyNot } from '@loyal-mane/core';
export interface paths {
    "/api/health": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells that the process lives. */
        get: operations["Health.live"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/health/ready": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells that the process can work: its database answers. */
        get: operations["Health.ready"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells who is signed in. */
        get: operations["Session.read"];
        put?: never;
        /** Signs a person in by name and password. */
        post: operations["Session.signIn"];
        /** Signs out. */
        delete: operations["Session.signOut"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/link": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Uses a welcome link up: the person has a password and is signed in. */
        post: operations["Session.useLink"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Signs a person in by PIN on a trusted device. */
        post: operations["Session.signInByPin"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/now": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells who is signed in on this device, if anybody: what a page asks first. */
        get: operations["Session.now"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Changes one’s own password; other sessions and the PIN end. */
        post: operations["Session.changePassword"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/own-pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sets one’s own PIN. */
        post: operations["Session.setPin"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Lists one’s own open sessions. */
        get: operations["Session.sessions"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/end-others": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ends all of one’s own sessions but this one. */
        post: operations["Session.endOthers"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sessions/{id}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ends one of one’s own sessions. */
        post: operations["Session.end"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/this-device": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells whether this device is trusted, and who has a PIN here. */
        get: operations["Session.thisDevice"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/devices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Lists trusted devices. */
        get: operations["Session.trusted"];
        put?: never;
        /** Trusts the device that asks. */
        post: operations["Session.trust"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/devices/{id}/forget": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Trusts a device no longer. */
        post: operations["Session.forget"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/kennel": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Reads the kennel as its rooms show it; an owner reads what concerns their own dogs. */
        get: operations["Kennel.read"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/kennel/rows": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Reads the kennel’s rows without its work records: what forms change. */
        get: operations["Kennel.rows"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/export": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Takes the whole kennel out as a file. */
        get: operations["Kennel.export"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/kennel/open": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Puts a whole kennel file into a kennel that is still empty. */
        post: operations["Open.open"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/changes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Saves changes of rows, all or none. */
        post: operations["Change.change"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/changes/check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Tells what would be wrong with changes; nothing is saved. */
        post: operations["Change.check"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trail": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Lists what was changed, by whom and when, newest first. */
        get: operations["Change.read"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trail/{number}/undo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Takes a change back, as far as nobody has changed the same since. */
        post: operations["Change.undo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/entries/{id}/handler": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sets who shows a dog. */
        post: operations["Adjustment.handler"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shows/{id}/rules": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Writes down what a show’s own rules say. */
        post: operations["Adjustment.rules"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dogs/{id}/marks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Writes down what was found in a coat. */
        post: operations["Adjustment.marks"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shifts/{id}/overtime": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sets how late a person can stay. */
        post: operations["Adjustment.overtime"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/stations/{id}/reopen": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Opens a station again on a day on which it was closed. */
        post: operations["Adjustment.reopen"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/stations/{id}/failed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Closes a station for the rest of the day: somebody found at work that it fails. */
        post: operations["Adjustment.failed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dogs/{id}/record": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Changes what is kept of a dog. */
        post: operations["Records.dog"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dogs/{id}/log": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Notes what was used or seen on a dog today. */
        post: operations["Records.log"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/breeds": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Adds or changes a breed of the kennel’s own. */
        post: operations["Records.breed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/breeds/remove": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Removes a breed of the kennel’s own. */
        post: operations["Records.removeBreed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Reads the published plan; a lead also reads the draft and the planning that is under way. */
        get: operations["Plan.read"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan/breaks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells what of the published plan no longer holds, and since which change. */
        get: operations["Plan.whatBroke"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/slack": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells how early and how late a task could start, everything else as it is. */
        get: operations["Plan.slack"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/chains/{key}/why": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells why an entry or a round of keep-up work has no place, and what would help. */
        get: operations["Plan.why"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/set": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sets a task at a time: planning goes around it. */
        post: operations["Plan.set"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/let-go": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Lets a task go that was set. */
        post: operations["Plan.letGo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan-jobs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Asks for a plan; the newest request wins. */
        post: operations["Plan.start"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan-jobs/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Reads how far a planning is. */
        get: operations["Plan.job"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan-jobs/{id}/cancel": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Stops a planning; nothing is kept of it. */
        post: operations["Plan.cancel"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plan-jobs/{id}/enough": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ends the search of a planning; the draft is the plan that it has. */
        post: operations["Plan.enough"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/publish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Publishes a draft: people work by it from now on. */
        post: operations["Plan.publish"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/look-into": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Looks for what would help the dogs without a place, where nobody has yet. */
        post: operations["Plan.lookInto"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/stop-looking": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Stops looking for what would help the dogs without a place. */
        post: operations["Plan.stopLooking"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/take-back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Goes back to the plan that the published one took the place of. */
        post: operations["Plan.takeBack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/discard": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Throws a draft away. */
        post: operations["Plan.discard"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/work": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Lists open work and the work of the last five weeks; an owner reads that of their own dogs. */
        get: operations["Work.list"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/start": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Starts a task. */
        post: operations["Work.start"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/pause": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Pauses a running task. */
        post: operations["Work.pause"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/resume": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Goes on with a paused task. */
        post: operations["Work.resume"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/finish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Finishes a task. */
        post: operations["Work.finish"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/skip": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Skips a task, with the reason. */
        post: operations["Work.skip"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/tick": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ticks a line of a task’s page, or takes the tick off. */
        post: operations["Work.tick"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/pause-cause": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Says why a task was paused last. */
        post: operations["Work.pauseCause"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/soak": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Begins a soak: a product works in the coat. */
        post: operations["Work.soak"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/soak-end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ends a soak: the product is out. */
        post: operations["Work.soakEnd"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/undo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Takes the last command on a task back. */
        post: operations["Work.undo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{id}/absences": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Marks a person ill or away for a day. */
        post: operations["People.absent"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{id}/absences/remove": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Marks a person back for a day. */
        post: operations["People.back"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{id}/one-time-password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Gives a person a password that must be changed at the first sign-in. */
        post: operations["People.password"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{id}/link": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Makes a link with which a person chooses a password, once, within three days. */
        post: operations["People.link"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{id}/close-sign-in": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Closes a sign-in: sessions, password, PIN and calendar addresses end. */
        post: operations["People.close"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{id}/record": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Changes what is kept of a person: what is learned, the kit, the brushing route. */
        post: operations["People.record"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/methods": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Reads how the kennel works, with the history of its changes. */
        get: operations["Methods.read"];
        put?: never;
        /** Changes how the kennel works. */
        post: operations["Methods.change"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/methods/preview": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Tells what a change of methods would do to the plan; nothing is saved. */
        post: operations["Methods.preview"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dogs/{id}/schools": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Changes the sides of questions for one dog. */
        post: operations["Methods.changeDog"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dogs/{id}/schools/preview": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Tells what a dog’s own sides would do to the plan; nothing is saved. */
        post: operations["Methods.previewDog"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/feeds": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Lists calendar addresses: a lead’s all, everybody else’s their own. */
        get: operations["Feed.list"];
        put?: never;
        /** Makes a calendar address for a person or a dog. */
        post: operations["Feed.make"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/feeds/{id}/revoke": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Revokes a calendar address. */
        post: operations["Feed.revoke"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calendar/{secret}.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Reads a calendar at its secret address. */
        get: operations["Feed.read"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bottles/{id}/take": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Takes product from a bottle, or puts it back. */
        post: operations["Stock.take"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/air": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells temperature and humidity of the wet room, now and over the last day. */
        get: operations["Air.read"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tools": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Lists what the tools need, by the work that was done with them. */
        get: operations["Tools.list"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tools/care": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Notes that a tool was cared for. */
        post: operations["Tools.care"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/label-printer": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Tells whether there is a label printer. */
        get: operations["Labels.printer"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/labels": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Prints labels. */
        post: operations["Labels.print"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dogs/{id}/photos": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Lists a dog’s photos. */
        get: operations["Photos.list"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/photos/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Reads a photo; small with `size=small`. */
        get: operations["Photos.read"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/photos": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Adds a photo: checked, turned upright, made smaller, everything but the picture left out. */
        post: operations["Photos.add"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/photos/{id}/remove": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Removes a photo: whoever added it, or a lead. */
        post: operations["Photos.remove"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/stream": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Opens the live stream of changes. */
        get: operations["Stream.open"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        HealthDto: {
            /** @enum {string} */
            status: "ok";
        };
        SignInDto: {
            /** @description name to sign in with */
            signIn: string;
            password: string;
        };
        SessionDto: {
            personId: string;
            name: string;
            /** @enum {string} */
            role: "lead" | "finisher" | "bather" | "hand" | "owner";
            /** @description sent back in the x-csrf-token header of every write */
            csrf: string;
            /** @description a one-time password that must be changed first */
            mustChange: boolean;
            /** @description number of the newest change; what is read after this answer is as new at least */
            head: number;
            /** @description name of the kennel */
            kennel: string;
            /** @description the server’s clock, ISO 8601 */
            now: string;
            /** @description whether the clock is the demo’s, which begins on a working morning */
            demoClock: boolean;
        };
        LinkDto: {
            /** @description the secret of a welcome link */
            link: string;
            password: string;
        };
        PinSignInDto: {
            /** @description name to sign in with */
            signIn: string;
            /** @description four to eight digits */
            pin: string;
        };
        SessionNowDto: {
            /** @description null: nobody is signed in */
            session: components["schemas"]["SessionDto"] | null;
        };
        ChangePasswordDto: {
            /** @description the present password */
            old: string;
            fresh: string;
        };
        OwnPinDto: {
            /** @description the present password */
            password: string;
            /** @description four to eight digits */
            pin: string;
        };
        SessionLineDto: {
            id: string;
            madeAt: string | null;
            /** @description what the browser calls itself */
            device: string;
            isThis: boolean;
        };
        SessionsDto: {
            sessions: components["schemas"]["SessionLineDto"][];
        };
        PinPersonDto: {
            signIn: string;
            name: string;
        };
        ThisDeviceDto: {
            trusted: boolean;
            name?: string;
            /** @description people with a PIN; empty where it is not trusted */
            people: components["schemas"]["PinPersonDto"][];
        };
        DeviceLineDto: {
            id: string;
            name: string;
            madeAt: string;
        };
        DevicesDto: {
            devices: components["schemas"]["DeviceLineDto"][];
        };
        TrustDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description what the crew calls the device */
            name: string;
        };
        SettingsDto: {
            timeZone: string;
            /** @enum {string} */
            clock: "24h" | "12h";
            /** @description a lead has confirmed the time zone */
            zoneChecked: boolean;
        };
        SiteDto: {
            id: string;
            name: string;
            home: boolean;
        };
        ClosureDto: {
            day: string;
            start: string;
            end: string;
            reason: string;
        };
        StationDto: {
            id: string;
            siteId: string;
            /** @enum {string} */
            kind: "tub" | "forceDryer" | "standDryer" | "table" | "pen";
            name: string;
            /** @description heavy dogs can walk in */
            ramp: boolean;
            closures: components["schemas"]["ClosureDto"][];
            version: number;
        };
        PersonDto: {
            id: string;
            name: string;
            /** @enum {string} */
            role: "lead" | "finisher" | "bather" | "hand" | "owner";
            skills: ("bath" | "dry" | "brush" | "scissor" | "ring" | "hand" | "decide" | "harshDryer" | "glands")[];
            /** @description minutes with scissors a day */
            scissorMinPerDay: number;
            /** @description what is learned and the kit, as in a file */
            record: components["schemas"]["FilePersonParts"];
            version: number;
        };
        PauseDto: {
            start: string;
            end: string;
            /** @enum {string} */
            what: "break" | "care";
        };
        ShiftDto: {
            id: string;
            personId: string;
            day: string;
            start: string;
            end: string;
            overtimeEnd: string;
            pauses: components["schemas"]["PauseDto"][];
            version: number;
        };
        AbsenceDto: {
            id: string;
            personId: string;
            day: string;
            /** @enum {string} */
            reason: "ill" | "away";
        };
        TransportDto: {
            id: string;
            name: string;
            fromSiteId: string;
            toSiteId: string;
            day: string;
            depart: string;
            arrive: string;
            people: string[];
            dogs: string[];
        };
        OwnerDto: {
            id: string;
            name: string;
            contact: string;
        };
        MatDto: {
            /** @enum {string} */
            zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
            /** @enum {string} */
            tightness: "loose" | "tight" | "solid";
            /**
             * @description side of a paired zone
             * @enum {string}
             */
            side?: "left" | "right";
            /** @description longest side, cm; 3 when absent */
            cm?: number;
            /** @description no finger passes between it and the skin */
            atSkin?: boolean;
            /**
             * @description skin beneath it; not looked at when absent
             * @enum {string}
             */
            skin?: "calm" | "red" | "wet" | "smells";
            /** @description a light web kept for the ring: out by this day */
            keptUntil?: string;
            /** @description day on which it was found; set by the server */
            foundOn?: string;
        };
        UnreadyDto: {
            /** @enum {string} */
            zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
            /**
             * @description which test it failed
             * @enum {string}
             */
            test: "damp" | "kinked";
        };
        CoatMarksDto: {
            /** @description soiled since the last bath */
            soiled: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
            /** @description mats that are known */
            mats: components["schemas"]["MatDto"][];
            /** @description zones that failed the dry or the straight test */
            unready: components["schemas"]["UnreadyDto"][];
        };
        KnotFoundDto: {
            day: string;
            /** @enum {string} */
            zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
        };
        DogDto: {
            id: string;
            name: string;
            breed: string;
            /** @enum {string} */
            sex: "dog" | "bitch";
            born: string;
            weightKg: number;
            /** @description leads only */
            ownerId?: string;
            note?: string;
            /** @description silhouette of the breed */
            badge: string;
            /**
             * @description class of coat
             * @enum {string}
             */
            coat: "double" | "heavySheepdog" | "drop" | "scissored" | "jacketedNatural" | "jacketedTrimmed" | "wire" | "smooth";
            marks: components["schemas"]["CoatMarksDto"];
            /** @description knots and mats ever marked, oldest first */
            knotsFound: components["schemas"]["KnotFoundDto"][];
            /** @description zones ever found damp at a dry check */
            dampFound: components["schemas"]["KnotFoundDto"][];
            /** @description coat and ways, as in a kennel file */
            record: components["schemas"]["FileDogParts"];
            version: number;
        };
        OwnBreedDto: {
            name: string;
            facts: components["schemas"]["FileBreed"];
            version: number;
        };
        ShowRulesDto: {
            /**
             * @description products left in the coat
             * @enum {string}
             */
            productsLeft: "free" | "restricted" | "forbidden" | "unknown";
            /**
             * @description whiskers removed
             * @enum {string}
             */
            whiskersRemoved: "free" | "restricted" | "forbidden" | "unknown";
            /**
             * @description altered tails or ears shown
             * @enum {string}
             */
            alteredShown: "free" | "restricted" | "forbidden" | "unknown";
            /**
             * @description scissoring on breeds shown natural
             * @enum {string}
             */
            scissoringNatural: "free" | "restricted" | "forbidden" | "unknown";
            /**
             * @description dryers on the ground; restricted = within its hours
             * @enum {string}
             */
            dryersOnGround: "free" | "restricted" | "forbidden" | "unknown";
            /** @description dryers from, HH:MM; the strictest usual hours when absent */
            dryersFrom?: string;
            /** @description dryers until, HH:MM */
            dryersUntil?: string;
            /** @description months of age on the day; 0 = none or unknown */
            leastAgeMonths: number;
        };
        ShowDto: {
            id: string;
            name: string;
            siteId: string;
            firstDay: string;
            lastDay: string;
            rules: components["schemas"]["ShowRulesDto"];
            version: number;
        };
        RingDto: {
            id: string;
            showId: string;
            name: string;
        };
        EntryDto: {
            id: string;
            dogId: string;
            showId: string;
            ringId: string;
            day: string;
            ringTime: string;
            handlerId?: string;
            importance: number;
            /** @description class it is entered in */
            showClass?: string;
            /** @description a later round won: held ready until then */
            laterRound?: string;
            /** @description the judge, and what is looked for */
            judge?: string;
            /** @description how much flattery of the outline pays, 0 to 1 */
            flattery?: number;
            version: number;
        };
        PinDto: {
            taskKey: string;
            start: string;
            personId?: string;
            stationId?: string;
        };
        BottleTakeDto: {
            ml: number;
            at: string;
            by?: string;
        };
        BottleDto: {
            id: string;
            /**
             * @description class of product
             * @enum {string}
             */
            product: "cleansingWash" | "clarifyingWash" | "textureWash" | "mildWash" | "whiteningWash" | "stainPreTreat" | "richConditioner" | "lightConditioner" | "leaveIn" | "loosening" | "liftSpray" | "foam" | "cream" | "dressing" | "stainBarrier";
            /** @description as the label says */
            name: string;
            /** @description milliliters when full */
            sizeMl: number;
            /** @description milliliters that are left */
            leftMl: number;
            openedOn?: string;
            expiresOn?: string;
            /** @description the last mix that took from it */
            taken?: components["schemas"]["BottleTakeDto"];
            version: number;
        };
        KennelDto: {
            name: string;
            settings: components["schemas"]["SettingsDto"];
            sites: components["schemas"]["SiteDto"][];
            stations: components["schemas"]["StationDto"][];
            people: components["schemas"]["PersonDto"][];
            shifts: components["schemas"]["ShiftDto"][];
            absences: components["schemas"]["AbsenceDto"][];
            transports: components["schemas"]["TransportDto"][];
            /** @description empty for everybody but leads */
            owners: components["schemas"]["OwnerDto"][];
            dogs: components["schemas"]["DogDto"][];
            /** @description breeds of the kennel’s own */
            breeds: components["schemas"]["OwnBreedDto"][];
            shows: components["schemas"]["ShowDto"][];
            rings: components["schemas"]["RingDto"][];
            entries: components["schemas"]["EntryDto"][];
            /** @description tasks that are set */
            pins: components["schemas"]["PinDto"][];
            /** @description products in stock; empty for owners */
            bottles: components["schemas"]["BottleDto"][];
        };
        OpenKennelDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            kennel: components["schemas"]["KennelFile"];
            /** @description the lead of the file that whoever opens it is */
            becomes: string;
        };
        OpenedDto: {
            dogs: number;
            people: number;
        };
        RowChangeDto: {
            /** @enum {string} */
            list: "settings" | "sites" | "circuits" | "stations" | "owners" | "people" | "shifts" | "absences" | "dogs" | "transports" | "shows" | "rings" | "entries" | "bottles";
            id: string;
            /** @description the row as the sender saw it; null = it is new */
            from: components["schemas"]["FileRow"] | null;
            /** @description the row as it shall be; null = it is removed */
            to: components["schemas"]["FileRow"] | null;
        };
        ChangesCommandDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            changes: components["schemas"]["RowChangeDto"][];
        };
        ChangedDto: {
            /** @description how many rows changed */
            rows: number;
        };
        CheckChangesDto: {
            changes: components["schemas"]["RowChangeDto"][];
        };
        FoundIssueDto: {
            /** @description changes[k].field, or where in the kennel */
            path: string;
            detail: string;
        };
        CheckedDto: {
            errors: components["schemas"]["FoundIssueDto"][];
        };
        TrailRowDto: {
            /** @enum {string} */
            list: "settings" | "sites" | "circuits" | "stations" | "owners" | "people" | "shifts" | "absences" | "dogs" | "transports" | "shows" | "rings" | "entries" | "bottles";
            id: string;
            from: components["schemas"]["FileRow"] | null;
            to: components["schemas"]["FileRow"] | null;
        };
        TrailEntryDto: {
            number: number;
            at: string;
            kind: string;
            subject: string;
            /** @description who; absent for what the server did by itself */
            actorId?: string;
            /** @description rows that changed, at most 20 of them */
            rows: components["schemas"]["TrailRowDto"][];
            /** @description how many rows changed */
            count: number;
            /** @description whether it can be undone */
            mayUndo: boolean;
        };
        TrailDto: {
            /** @description newest first */
            entries: components["schemas"]["TrailEntryDto"][];
        };
        CommandDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
        };
        HandlerDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            handlerId: string;
        };
        RowVersionDto: {
            id: string;
            version: number;
        };
        ShowRulesCommandDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            rules: components["schemas"]["ShowRulesDto"];
        };
        CoatMarksCommandDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            marks: components["schemas"]["CoatMarksDto"];
        };
        OvertimeDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description HH:MM, the latest that the person can stay */
            overtimeEnd: string;
        };
        ReopenDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description day of the closure to lift, YYYY-MM-DD */
            day: string;
        };
        RecordCommandDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description fields to change; null takes a field away */
            record: components["schemas"]["FileDogPatch"];
        };
        CoatLogDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @enum {string} */
            what: "use" | "settle" | "hold" | "note" | "noteOver" | "length" | "moved" | "inspected" | "seen" | "seenAgain" | "seenOver";
            /** @description when it happened, where it could not be sent at once: at most a day ago; now when absent */
            at?: string;
            /**
             * @description of a use
             * @enum {string}
             */
            product?: "cleansingWash" | "clarifyingWash" | "textureWash" | "mildWash" | "whiteningWash" | "stainPreTreat" | "richConditioner" | "lightConditioner" | "leaveIn" | "loosening" | "liftSpray" | "foam" | "cream" | "dressing" | "stainBarrier";
            /**
             * @description of a use
             * @enum {string}
             */
            scope?: "whole" | "zones" | "stains";
            /** @description of a use on some zones; of a note */
            zones?: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
            /**
             * @description of a note: what it is about
             * @enum {string}
             */
            about?: "sore" | "thin" | "leftLonger" | "careful" | "trimIdea";
            /** @description of a note or something unusual: why, or what to do */
            text?: string;
            /** @description of a note that is over, or something unusual that was looked at again: which */
            noteId?: string;
            /**
             * @description of a length: the side; both alike when absent
             * @enum {string}
             */
            side?: "left" | "right";
            /**
             * @description of a look at the dog in movement: how the outline was
             * @enum {string}
             */
            seen?: "asWanted" | "tooLong" | "tooShort" | "uneven";
            /**
             * @description of a length: where
             * @enum {string}
             */
            zone?: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
            /** @description of a length: millimeters */
            mm?: number;
            /**
             * @description of something unusual: what
             * @enum {string}
             */
            point?: "eyes" | "ears" | "teeth" | "skin" | "lumps" | "legs" | "nails" | "vent" | "season" | "appetite" | "tufts" | "soiling";
            /**
             * @description of something unusual: how soon it wants an answer
             * @enum {string}
             */
            severity?: "watch" | "soon" | "now";
            /** @description of something unusual: who was told */
            told?: string;
            /**
             * @description of another look: how it is beside the last
             * @enum {string}
             */
            course?: "better" | "same" | "worse";
            /**
             * @description when the coat was right after its bath
             * @enum {string}
             */
            right?: "sameDay" | "nextDay" | "afterTwo";
            /** @description minutes that the finish held */
            minutes?: number;
        };
        BreedCommandDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version that the sender saw; 0 for a new breed */
            version: number;
            breed: components["schemas"]["FileBreed"];
        };
        BreedRemoveDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description name of the breed */
            name: string;
        };
        SummaryDto: {
            /** @description dogs that will be ready */
            ready: number;
            /** @description dogs that are shown */
            of: number;
            tasks: number;
            moved: number;
            added: number;
            removed: number;
        };
        PlainReasonDto: {
            /** @enum {string} */
            code: "done" | "running" | "pinned" | "atAim" | "overdue" | "alone" | "evenDays" | "follows";
        };
        SameHandsReasonDto: {
            /** @enum {string} */
            code: "sameHands";
            personId: string | null;
        };
        TaskNameDto: {
            key: string;
            dogId: string;
            /** @enum {string} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            personId: string | null;
            until: string;
        };
        BlockedReasonDto: {
            /** @enum {string} */
            code: "blocked";
            /** @enum {string} */
            by: "before" | "after" | "personBusy" | "stationBusy" | "shift" | "stationClosed" | "circuit" | "cleanDown" | "standing" | "dogBusy" | "personLimit";
            /** @enum {string} */
            towards: "earlier" | "later";
            heldBy: components["schemas"]["TaskNameDto"] | null;
        };
        BlockedTwiceReasonDto: {
            /** @enum {string} */
            code: "blockedTwice";
            by: ("before" | "after" | "personBusy" | "stationBusy" | "shift" | "stationClosed" | "circuit" | "cleanDown" | "standing" | "dogBusy" | "personLimit")[];
            /** @enum {string} */
            towards: "earlier" | "later";
        };
        MinutesDto: {
            /** @description middle estimate */
            middle: number;
            /** @description 20th percentile */
            p20: number;
            /** @description 80th percentile */
            p80: number;
            /** @description middle estimate before the dog’s own pace */
            usual: number;
            /** @description finished tasks that the pace rests on */
            logs: number;
        };
        HandOverDto: {
            from: string;
            /** @enum {string} */
            cause: "skill" | "notThere" | "busy" | "noise" | "scissorMinutes" | "elseOut" | "elseWorse";
            heldBy: components["schemas"]["TaskNameDto"] | null;
        };
        PlannedActivityDto: PlannedActivity;
        OtherHandlerRemedyDto: {
            /** @enum {string} */
            code: "otherHandler";
            entryId: string;
            handlerId: string;
            otherId: string;
            rivalDogId: string | null;
            rivalEntryId: string | null;
        };
        StayRemedyDto: {
            /** @enum {string} */
            code: "stay";
            personId: string;
            until: string;
            minutes: number;
        };
        MoveBreakRemedyDto: {
            /** @enum {string} */
            code: "moveBreak";
            personId: string;
            from: string;
            /** @description when it could be instead */
            to?: string;
        };
        PresentRemedyDto: {
            /** @enum {string} */
            code: "present";
            personId: string;
            day: string;
        };
        BeginEarlierRemedyDto: {
            /** @enum {string} */
            code: "beginEarlier";
            personId: string;
            from: string;
            minutes: number;
        };
        MoreAmpsRemedyDto: {
            /** @enum {string} */
            code: "moreAmps";
            circuitId: string;
            /** @description amperes that it would have to carry */
            amps: number;
            /** @description amperes that it carries */
            present: number;
        };
        UnpinRemedyDto: {
            /** @enum {string} */
            code: "unpin";
            key: string;
            /** @enum {string} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            start: string;
        };
        OpenStationRemedyDto: {
            /** @enum {string} */
            code: "openStation";
            stationId: string;
            from: string;
        };
        FreePersonRemedyDto: {
            /** @enum {string} */
            code: "freePerson";
            personId: string;
        };
        MoreStandingRemedyDto: {
            /** @enum {string} */
            code: "moreStanding";
        };
        ExtraStationRemedyDto: {
            /** @enum {string} */
            code: "extraStation";
            /** @enum {string} */
            kind: "tub" | "forceDryer" | "standDryer" | "table" | "pen";
        };
        WithoutRemedyDto: {
            /** @enum {string} */
            code: "without";
            dogId: string;
        };
        WhyNotDto: WhyNot;
        WaitingStepDto: {
            key: string;
            /** @enum {string} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            aim: string;
            blocked: boolean;
        };
        UnplacedDto: UnplacedChain;
        DropReasonDto: {
            /** @enum {string} */
            code: "past" | "passedOver" | "showRules" | "tooYoung" | "state" | "noConsent" | "allLocked" | "sharedTrim";
            /**
             * @description of showRules
             * @enum {string}
             */
            rule?: "productsLeft" | "whiskersRemoved" | "alteredShown" | "scissoringNatural" | "dryersOnGround";
            /**
             * @description of showRules
             * @enum {string}
             */
            value?: "free" | "restricted" | "forbidden" | "unknown";
            /**
             * @description of state
             * @enum {string}
             */
            state?: "season" | "falsePregnancy" | "afterWhelping" | "injury" | "medicine" | "allergy" | "treatment" | "outOfCoat";
            /**
             * @description of noConsent
             * @enum {string}
             */
            what?: "shaveOut" | "strip" | "firstEars" | "whiskers";
            /** @description of sharedTrim */
            day?: string;
        };
        LeftOutDto: {
            dogId: string;
            entryId: string | null;
            /** @enum {string} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            why: components["schemas"]["DropReasonDto"];
        };
        CalendarItemDto: {
            dogId: string;
            entryId: string;
            /** @enum {string} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            day: string;
        };
        ProgramNoteDto: {
            /** @enum {string} */
            code: "schoolRefused" | "underAge" | "checkRules" | "ruleSays" | "state" | "falsePregnancyAbout" | "regrowth" | "bathAtSite" | "liftedByTwo" | "heatLater" | "windowGave";
            /**
             * @description of schoolRefused
             * @enum {string}
             */
            school?: "matsAndWater" | "matsAndTime" | "doubleBeforeBath" | "whenToBathe" | "clusterDays" | "ringDryness" | "sheepdogForceDryer" | "bathScope" | "shampooOn" | "headInBath" | "tubShaking" | "glands" | "sideOrder" | "productAndScissors" | "throat" | "earTop" | "bodyShears" | "footEdge" | "brushingRoute" | "tanglesAtShow" | "preTreat" | "smallTrimsBy" | "puppyWhiskers" | "whiskers" | "curlDrying" | "soakLength" | "coloredBulk" | "tableTime" | "posture" | "gate" | "thickWashes" | "trimBegin" | "sprayOnLayer" | "sprayUpAfter" | "eyelashes" | "nailTool";
            /**
             * @description of schoolRefused
             * @enum {string}
             */
            side?: "a" | "b";
            /**
             * @description of schoolRefused
             * @enum {string}
             */
            why?: "tightMats" | "noBathUntilClear" | "notDouble" | "nobodyTrained" | "scissorsNeedCleanCoat" | "noTubThere" | "paleRoots";
            /** @description of underAge */
            leastMonths?: number;
            /** @description of regrowth */
            mostDays?: number;
            /** @description of checkRules */
            rules?: ("productsLeft" | "whiskersRemoved" | "alteredShown" | "scissoringNatural" | "dryersOnGround")[];
            /**
             * @description of ruleSays
             * @enum {string}
             */
            rule?: "productsLeft" | "whiskersRemoved" | "alteredShown" | "scissoringNatural" | "dryersOnGround";
            /**
             * @description of ruleSays
             * @enum {string}
             */
            value?: "free" | "restricted" | "forbidden" | "unknown";
            /**
             * @description of state
             * @enum {string}
             */
            state?: "season" | "falsePregnancy" | "afterWhelping" | "injury" | "medicine" | "allergy" | "treatment" | "outOfCoat";
            /** @description of falsePregnancyAbout */
            about?: string;
            /**
             * @description of bathAtSite
             * @enum {string}
             */
            when?: "dayBefore" | "morning";
            /**
             * @description of windowGave
             * @enum {string}
             */
            step?: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            /**
             * @description of windowGave
             * @enum {string}
             */
            towards?: "earlier" | "later";
            /** @description of windowGave */
            days?: number;
        };
        PlanNoteDto: {
            dogId: string;
            entryId: string;
            note: components["schemas"]["ProgramNoteDto"];
        };
        ChainWayDto: {
            key: string;
            dogId: string;
            entryId: string | null;
            /**
             * @description where the show bath is
             * @enum {string}
             */
            bath: "home" | "siteDayBefore" | "siteMorning";
            /** @description two people lift the dog into the tub */
            twoLift: boolean;
            /** @description days that are only wanted have given way */
            isWide: boolean;
            /** @description dried with the force dryer at once, with heat later */
            heatLater?: boolean;
        };
        EntryOddsDto: {
            entryId: string;
            /** @description how likely it is to be ready on time, 0 to 1 */
            ready: number;
            /** @description task that is most often late */
            breaks: string | null;
        };
        PlanBoundDto: {
            /** @description show entries that have a place when they are alone */
            ready: number;
            of: number;
            /** @description no plan costs less */
            cost: number;
        };
        PlanDto: Plan;
        StoredPlanDto: {
            id: string;
            madeAt: string;
            summary: components["schemas"]["SummaryDto"];
            plan: components["schemas"]["PlanDto"];
        };
        ProgressDto: {
            /**
             * @description what the planner is doing
             * @enum {string}
             */
            phase: "search" | "explain";
            /** @description round of the search, or entries explained */
            round: number;
            rounds: number;
            /** @description entries with a place */
            placed: number;
            of: number;
        };
        PlanJobDto: {
            id: string;
            /** @enum {string} */
            state: "queued" | "running" | "done" | "cancelled" | "failed";
            progress?: components["schemas"]["ProgressDto"];
            planId?: string;
            trouble?: string;
        };
        PreviousPlanDto: {
            id: string;
            /** @description when it was published */
            publishedAt: string;
        };
        CheckedRemedyDto: {
            /** @description one change, or the fewest that help together */
            changes: (components["schemas"]["OtherHandlerRemedyDto"] | components["schemas"]["StayRemedyDto"] | components["schemas"]["MoveBreakRemedyDto"] | components["schemas"]["PresentRemedyDto"] | components["schemas"]["BeginEarlierRemedyDto"] | components["schemas"]["MoreAmpsRemedyDto"] | components["schemas"]["UnpinRemedyDto"] | components["schemas"]["OpenStationRemedyDto"] | components["schemas"]["FreePersonRemedyDto"] | components["schemas"]["MoreStandingRemedyDto"] | components["schemas"]["ExtraStationRemedyDto"] | components["schemas"]["WithoutRemedyDto"])[];
            /** @description dogs that have a place by it */
            gained: string[];
            /** @description dogs that lose theirs */
            lost: string[];
            /** @description whether a dog that loses its place is more important */
            costsMore: boolean;
            /** @description tasks that move */
            moved: number;
            /** @description overtime that comes on top, minutes */
            overtimeMin: number;
        };
        ChainCheckDto: ChainCheck;
        PlanChecksDto: {
            planId: string;
            /** @description entries that are looked into */
            of: number;
            /** @description whether somebody stopped it */
            isStopped: boolean;
            chains: components["schemas"]["ChainCheckDto"][];
        };
        PlanViewDto: {
            published: components["schemas"]["StoredPlanDto"] | null;
            /** @description leads only */
            draft: components["schemas"]["StoredPlanDto"] | null;
            /** @description a job that is under way; leads only */
            job: components["schemas"]["PlanJobDto"] | null;
            /** @description the plan before the published one; leads only */
            previous: components["schemas"]["PreviousPlanDto"] | null;
            /** @description what would help dogs without a place; leads only */
            checks: components["schemas"]["PlanChecksDto"][];
        };
        BreakSinceDto: {
            at: string;
            /** @description who made it */
            actorId: string | null;
        };
        PlanBreakDto: ToldBreak;
        PlanBreaksDto: {
            planId: string | null;
            breaks: components["schemas"]["PlanBreakDto"][];
        };
        TaskSlackDto: {
            /** @description earliest start; null when it cannot be moved */
            earliest: string | null;
            /** @description latest start */
            latest: string | null;
            /** @description keys of the tasks that wait for it */
            waits: string[];
        };
        ChainWhyDto: {
            /**
             * @description first step that finds no place
             * @enum {string|null}
             */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown" | null;
            reason: components["schemas"]["WhyNotDto"];
        };
        SetTaskDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description when it begins, ISO 8601 in UTC; on the five minutes */
            start: string;
            /** @description by whom; anybody who can when absent */
            personId?: string;
            /** @description where; any that serves when absent */
            stationId?: string;
        };
        StartPlanDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /**
             * @description keep what still holds, or plan everything afresh
             * @enum {string}
             */
            mode: "keep" | "fresh";
        };
        PublishedDto: {
            planId: string;
        };
        WorkPauseDto: {
            /** @description when */
            at: string;
            /**
             * @description not said when absent
             * @enum {string}
             */
            cause?: "dog" | "calledAway" | "equipment" | "other";
            /** @description where the dog asked for it */
            zones?: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
        };
        SoakDto: {
            id: string;
            /** @enum {string} */
            product: "cleansingWash" | "clarifyingWash" | "textureWash" | "mildWash" | "whiteningWash" | "stainPreTreat" | "richConditioner" | "lightConditioner" | "leaveIn" | "loosening" | "liftSpray" | "foam" | "cream" | "dressing" | "stainBarrier";
            /** @description since when */
            at: string;
            leastMin: number;
            mostMin: number;
            /** @description out of the coat; still in it when absent */
            endedAt?: string;
        };
        WorkDto: VersionedWork;
        WorkListDto: {
            work: components["schemas"]["WorkDto"][];
        };
        MatPlaceDto: {
            /**
             * @description zone
             * @enum {string}
             */
            zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
            /**
             * @description side of a paired zone, as the mat was marked
             * @enum {string}
             */
            side?: "left" | "right";
        };
        UsedProductDto: {
            /**
             * @description what
             * @enum {string}
             */
            product: "cleansingWash" | "clarifyingWash" | "textureWash" | "mildWash" | "whiteningWash" | "stainPreTreat" | "richConditioner" | "lightConditioner" | "leaveIn" | "loosening" | "liftSpray" | "foam" | "cream" | "dressing" | "stainBarrier";
            /**
             * @description whole coat, some zones, or stains only
             * @enum {string}
             */
            scope: "whole" | "zones" | "stains";
            /** @description where, for some zones */
            zones?: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
        };
        TaskCommandDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the record that the sender saw; 0 when there was none */
            version: number;
            /** @description dog that the sender takes the task to be of; refused when it is another */
            dogId?: string;
            /**
             * @description step that the sender takes it for; refused when it is another
             * @enum {string}
             */
            step?: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            /** @description where; as planned when absent */
            stationId?: string | null;
            /** @description why it is skipped */
            reason?: string;
            /** @description start it although something speaks against it; kept with who decided */
            anyway?: boolean;
            /** @description when it happened, where it could not be sent at once: at most a day ago; now when absent */
            at?: string;
            /** @description of a finish: it was done before it was started here, its minutes are not kept */
            doneBefore?: boolean;
            /** @description of a finish of mat work: mats that are out; those that are not named stay marked */
            matsOut?: components["schemas"]["MatPlaceDto"][];
            /** @description of a finish at the tub: what was looked at; it is refused while something was not */
            confirmed?: ("feet" | "vent" | "belly" | "tail" | "ears" | "skin" | "product" | "cotton")[];
            /** @description of a finish: products that went into the coat; they are kept with the dog */
            used?: components["schemas"]["UsedProductDto"][];
        };
        TaskAnswerDto: {
            /** @description null: nobody has touched the task */
            work: components["schemas"]["WorkDto"] | null;
        };
        TickDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description line of the page, or a caution */
            line: string;
            /** @description false takes the tick off */
            ticked: boolean;
        };
        PauseCauseDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /**
             * @description why
             * @enum {string}
             */
            cause: "dog" | "calledAway" | "equipment" | "other";
            /** @description where the dog asked for it */
            zones?: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
        };
        SoakStartDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /**
             * @description what
             * @enum {string}
             */
            product: "cleansingWash" | "clarifyingWash" | "textureWash" | "mildWash" | "whiteningWash" | "stainPreTreat" | "richConditioner" | "lightConditioner" | "leaveIn" | "loosening" | "liftSpray" | "foam" | "cream" | "dressing" | "stainBarrier";
            /** @description minutes that its label asks for */
            leastMin: number;
            /** @description minutes that it allows */
            mostMin: number;
            /** @description when it happened, where it could not be sent at once: at most a day ago; now when absent */
            at?: string;
        };
        SoakEndDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description the soak */
            soak: string;
            /** @description when it happened, where it could not be sent at once: at most a day ago; now when absent */
            at?: string;
        };
        AbsenceCommandDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description YYYY-MM-DD */
            day: string;
            /** @enum {string} */
            reason: "ill" | "away";
        };
        AbsenceRemoveDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description YYYY-MM-DD */
            day: string;
        };
        OneTimePasswordDto: {
            signIn: string;
            password: string;
        };
        WelcomeLinkDto: {
            /** @description the secret of the link; shown once */
            link: string;
        };
        PersonRecordDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description fields to change; null takes a field away */
            record: components["schemas"]["FilePersonPatch"];
        };
        DogChoicesDto: {
            dogId: string;
            version: number;
            /**
             * @description class of coat
             * @enum {string}
             */
            coat: "double" | "heavySheepdog" | "drop" | "scissored" | "jacketedNatural" | "jacketedTrimmed" | "wire" | "smooth";
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: components["schemas"]["FileSchools"];
        };
        MethodsVersionDto: {
            number: number;
            madeAt: string;
            madeBy: string | null;
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: components["schemas"]["FileSchools"];
            /** @description changed steps of care programs */
            steps: components["schemas"]["FileStepChange"][];
            /** @description changed intervals of keep-up work */
            intervals: components["schemas"]["FileIntervalChange"][];
            /** @description products as the kennel’s own bottles say */
            products: components["schemas"]["FileProductChange"][];
            /** @description lines of step pages that the kennel changed */
            lines: components["schemas"]["FileLineChange"][];
        };
        MethodsDto: {
            /** @description version in force; 0 = as the library has it */
            number: number;
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: components["schemas"]["FileSchools"];
            /** @description changed steps of care programs */
            steps: components["schemas"]["FileStepChange"][];
            /** @description changed intervals of keep-up work */
            intervals: components["schemas"]["FileIntervalChange"][];
            /** @description products as the kennel’s own bottles say */
            products: components["schemas"]["FileProductChange"][];
            /** @description lines of step pages that the kennel changed */
            lines: components["schemas"]["FileLineChange"][];
            dogs: components["schemas"]["DogChoicesDto"][];
            /** @description newest first */
            history: components["schemas"]["MethodsVersionDto"][];
        };
        ChangeMethodsDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: components["schemas"]["FileSchools"];
            /** @description changed steps of care programs */
            steps?: components["schemas"]["FileStepChange"][];
            /** @description changed intervals of keep-up work */
            intervals?: components["schemas"]["FileIntervalChange"][];
            /** @description products as the kennel’s own bottles say */
            products?: components["schemas"]["FileProductChange"][];
            /** @description lines of step pages that the kennel changed */
            lines?: components["schemas"]["FileLineChange"][];
            /** @description version that the sender saw */
            number: number;
        };
        MethodsBodyDto: {
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: components["schemas"]["FileSchools"];
            /** @description changed steps of care programs */
            steps?: components["schemas"]["FileStepChange"][];
            /** @description changed intervals of keep-up work */
            intervals?: components["schemas"]["FileIntervalChange"][];
            /** @description products as the kennel’s own bottles say */
            products?: components["schemas"]["FileProductChange"][];
            /** @description lines of step pages that the kennel changed */
            lines?: components["schemas"]["FileLineChange"][];
        };
        RefusedDto: {
            dogId: string;
            /** @enum {string} */
            school: "matsAndWater" | "matsAndTime" | "doubleBeforeBath" | "whenToBathe" | "clusterDays" | "ringDryness" | "sheepdogForceDryer" | "bathScope" | "shampooOn" | "headInBath" | "tubShaking" | "glands" | "sideOrder" | "productAndScissors" | "throat" | "earTop" | "bodyShears" | "footEdge" | "brushingRoute" | "tanglesAtShow" | "preTreat" | "smallTrimsBy" | "puppyWhiskers" | "whiskers" | "curlDrying" | "soakLength" | "coloredBulk" | "tableTime" | "posture" | "gate" | "thickWashes" | "trimBegin" | "sprayOnLayer" | "sprayUpAfter" | "eyelashes" | "nailTool";
            why: string;
        };
        MethodsEffectDto: {
            /** @description tasks that would sit elsewhere */
            moved: number;
            added: number;
            removed: number;
            /** @description dogs it touches */
            dogs: string[];
            /** @description crew minutes, after less before */
            crewMin: number;
            /** @description dogs that would become ready */
            gained: string[];
            /** @description dogs that would lose their place */
            lost: string[];
            /** @description dogs for which the choice is refused */
            refused: components["schemas"]["RefusedDto"][];
        };
        ChangeDogSchoolsDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: components["schemas"]["FileSchools"];
        };
        PreviewMethodsDto: {
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: components["schemas"]["FileSchools"];
        };
        FeedLineDto: {
            id: string;
            /** @enum {string} */
            of: "person" | "dog";
            subjectId: string;
            madeAt: string;
        };
        FeedsDto: {
            feeds: components["schemas"]["FeedLineDto"][];
        };
        NewFeedDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @enum {string} */
            of: "person" | "dog";
            id: string;
        };
        FeedAddressDto: {
            /** @description path of the calendar; shown once */
            path: string;
        };
        TakeDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description milliliters taken; below 0 = put back */
            ml: number;
            /** @description version that was seen; refused where another took since */
            version?: number;
        };
        AirReadingDto: {
            /** Format: date-time */
            at: string;
            /** @description degrees Celsius */
            celsius: number;
            /** @description relative humidity, 0 to 1 */
            humidity: number;
        };
        AirDto: {
            /** @description now; null without a sensor, or a silent one */
            latest: components["schemas"]["AirReadingDto"] | null;
            /** @description the last day, oldest first */
            lastDay: components["schemas"]["AirReadingDto"][];
        };
        ToolJobDto: {
            tool: string;
            /** @enum {string} */
            kind: "thinners" | "shortStraight" | "longStraight" | "longCurved" | "clipper" | "trimmer" | "strippingKnife" | "slicker" | "pinBrush" | "rake" | "wideComb" | "faceComb" | "grinder" | "curry" | "tub" | "forceDryer" | "standDryer" | "table" | "pen";
            /** @description whose it is; everybody’s when absent */
            personId?: string;
            stationId?: string;
            /** @enum {string} */
            job: "clear" | "pins" | "oil" | "sharpen" | "blade" | "filter" | "fireCheck" | "disinfect";
            isDue: boolean;
            /** @description minutes of use since it was done last */
            usedMin: number;
            /** @description when it was done last */
            lastAt?: string;
            /** @description minutes of use until it is due */
            leftMin?: number;
        };
        ToolJobsDto: {
            jobs: components["schemas"]["ToolJobDto"][];
        };
        CareDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            /** @description a station, or a person and a kind of tool: "PERSON.slicker" */
            tool: string;
            /** @enum {string} */
            job: "clear" | "pins" | "oil" | "sharpen" | "blade" | "filter" | "fireCheck" | "disinfect";
        };
        LabelPrinterDto: {
            isThere: boolean;
        };
        LabelDto: {
            /** @description from the top down */
            lines: string[];
        };
        LabelsDto: {
            labels: components["schemas"]["LabelDto"][];
        };
        PhotoDto: {
            id: string;
            /** @description when it was added */
            at: string;
            /** @enum {string} */
            view: "side" | "front" | "rear" | "top" | "part";
            words?: string;
            /** @description who added it */
            personId?: string;
            width: number;
            height: number;
        };
        PhotosDto: {
            photos: components["schemas"]["PhotoDto"][];
        };
        NewPhotoDto: {
            /**
             * Format: uuid
             * @description UUID version 7, made by the sender. The same id with another body, route or person is refused.
             */
            commandId: string;
            dogId: string;
            /** @enum {string} */
            view: "side" | "front" | "rear" | "top" | "part";
            /** @description what it shows */
            words?: string;
            /** @description the file (JPEG, PNG or WebP, at most 12 MB) in base64 */
            picture: string;
        };
        AddedPhotoDto: {
            id: string;
        };
        RowNowDto: {
            version: number;
            row: components["schemas"]["FileRow"];
        };
        BreedNowDto: {
            version: number;
            breed: components["schemas"]["FileBreed"];
        };
        MethodsNowDto: {
            number: number;
            schools: components["schemas"]["FileSchools"];
            steps: components["schemas"]["FileStepChange"][];
            intervals: components["schemas"]["FileIntervalChange"][];
            lines: components["schemas"]["FileLineChange"][];
            products: components["schemas"]["FileProductChange"][];
        };
        SchoolsNowDto: {
            version: number;
            schools: components["schemas"]["FileSchools"];
        };
        PublishedNowDto: {
            /** @description plan in force */
            publishedId: string | null;
        };
        FieldProblemDto: {
            /** @description field of the request */
            path: string;
            detail: string;
        };
        ProblemDto: {
            type: string;
            title: string;
            status: number;
            /** @description what is wrong, what was kept, what to do next */
            detail: string;
            instance: string;
            /** @enum {string} */
            code: "notSignedIn" | "wrongPassword" | "wrongPin" | "wrongPresentPassword" | "linkOver" | "tooManyAttempts" | "tooManyStreams" | "mustChangePassword" | "notAllowed" | "badToken" | "notFound" | "badInput" | "tooLarge" | "stale" | "alreadyOver" | "askFirst" | "otherCommand" | "notAsPlanned" | "notNow" | "databaseAway" | "busy" | "broken";
            errors: components["schemas"]["FieldProblemDto"][];
            /** @description the newer state, for whoever was too late; null when it is gone */
            current?: (components["schemas"]["WorkDto"] | components["schemas"]["RowNowDto"] | components["schemas"]["BreedNowDto"] | components["schemas"]["MethodsNowDto"] | components["schemas"]["SchoolsNowDto"] | components["schemas"]["PublishedNowDto"] | components["schemas"]["FileRow"]) | null;
        };
        ChangeEventDto: {
            /** @description numbers follow the order of commits without gaps */
            number: number;
            at: string;
            /**
             * @description the command that wrote
             * @enum {string}
             */
            kind: "task.start" | "task.pause" | "task.resume" | "task.finish" | "task.skip" | "task.undo" | "task.tick" | "task.pauseCause" | "task.soak" | "task.soakEnd" | "task.finishCoat" | "task.undoCoat" | "plan.asked" | "plan.cancelAsked" | "plan.enoughAsked" | "plan.cancelled" | "plan.failed" | "plan.drafted" | "plan.published" | "plan.discarded" | "plan.takenBack" | "plan.checked" | "pin.set" | "pin.removed" | "kennel.changed" | "kennel.undone" | "kennel.opened" | "dog.marks" | "dog.record" | "dog.log" | "dog.schools" | "breed.saved" | "breed.removed" | "entry.handler" | "show.rules" | "shift.overtime" | "station.reopened" | "station.failed" | "methods.changed" | "bottle.taken" | "tool.cared" | "photo.added" | "photo.removed" | "person.away" | "person.back" | "person.record" | "person.password" | "person.link" | "person.closed";
            /** @description what it is about; empty for an owner where it is none of theirs */
            subject: string;
            /** @description by whom; null for the server itself */
            actorId: string | null;
            /** @description other rows that it is about, at most sixty */
            others: string[];
            /** @description record of a task after it, null when there is none any more; of tasks, for the crew only */
            work?: components["schemas"]["WorkDto"] | null;
        };
        FileSite: {
            /**
             * Format: uuid
             * @description id of a site
             */
            id: string;
            /** @description what people call it */
            name: string;
            home: boolean;
        };
        FileCircuit: {
            /**
             * Format: uuid
             * @description id of a power circuit
             */
            id: string;
            /**
             * Format: uuid
             * @description id of a site
             */
            siteId: string;
            /** @description label at the fuse box */
            name: string;
            /** @description what it carries at once, amperes */
            amps: number;
        };
        FileStation: {
            /**
             * Format: uuid
             * @description id of a station
             */
            id: string;
            /**
             * Format: uuid
             * @description id of a site
             */
            siteId: string;
            /**
             * @description what it is
             * @enum {string}
             */
            kind: "tub" | "forceDryer" | "standDryer" | "table" | "pen";
            /** @description what people call it */
            name: string;
            /**
             * Format: uuid
             * @description id of a power circuit
             */
            circuitId?: string;
            /** @description heavy dogs can walk in */
            ramp?: boolean;
            /** @description usable length, cm; long enough for any dog when absent */
            lengthCm?: number;
            /** @description dogs at once, 1 when absent */
            places?: number;
            closures: {
                /**
                 * Format: date
                 * @description day on which it cannot be used
                 */
                day: string;
                /** @description from */
                start: string;
                /** @description until */
                end: string;
                /** @description why, as people should read it */
                reason: string;
            }[];
        };
        FilePerson: {
            /**
             * Format: uuid
             * @description id of a person
             */
            id: string;
            /** @description full name */
            name: string;
            /** @description name to sign in with */
            signIn: string;
            /**
             * @description what this person may do here
             * @enum {string}
             */
            role: "lead" | "finisher" | "bather" | "hand" | "owner";
            skills: ("bath" | "dry" | "brush" | "scissor" | "ring" | "hand" | "decide" | "harshDryer" | "glands")[];
            /**
             * Format: uuid
             * @description id of a owner whose dogs this person reads; for the role "owner"
             */
            ownerId?: string;
            /** @description 240 when absent */
            scissorMinPerDay?: number;
            /** @description trims this person is not experienced in yet */
            learning?: {
                /**
                 * @description trim that cannot be undone
                 * @enum {string}
                 */
                trim: "ears" | "throat" | "roughTrim" | "naturalTrim" | "fineTrim" | "strip";
                /** @description practice so far, oldest first */
                practiced: {
                    /**
                     * Format: date
                     * @description when
                     */
                    day: string;
                    /**
                     * Format: uuid
                     * @description id of a dog
                     */
                    dogId?: string;
                    /**
                     * @description how it came out
                     * @enum {string}
                     */
                    outcome: "good" | "fair" | "poor";
                }[];
            }[];
            /** @description tools at hand; absent = everything that the work needs */
            kit?: {
                /**
                 * @description kind
                 * @enum {string}
                 */
                tool: "thinners" | "shortStraight" | "longStraight" | "longCurved" | "clipper" | "trimmer" | "strippingKnife" | "slicker" | "pinBrush" | "rake" | "wideComb" | "faceComb" | "grinder" | "curry";
                /** @description length of the blade, inches */
                lengthIn?: number;
                /** @description teeth of thinners or of a comb */
                teeth?: number;
                /** @description blades that go with a clipper */
                blade?: string;
                /**
                 * Format: date
                 * @description last sharpened
                 */
                sharpened?: string;
            }[];
            /**
             * @description route of the brush, where this person has one of their own
             * @enum {string}
             */
            brushingRoute?: "a" | "b";
            /**
             * @description where this person begins a trim, if not where the kennel does
             * @enum {string}
             */
            trimBegin?: "feet" | "head" | "rear" | "topline";
        };
        FileShift: {
            /**
             * Format: uuid
             * @description id of a shift
             */
            id: string;
            /**
             * Format: uuid
             * @description id of a person
             */
            personId: string;
            /**
             * Format: date
             * @description day of the shift
             */
            day: string;
            /** @description begins */
            start: string;
            /** @description ends */
            end: string;
            /** @description the latest that this person can stay; equal to the end when no overtime */
            overtimeEnd: string;
            pauses: {
                /** @description from */
                start: string;
                /** @description until */
                end: string;
                /**
                 * @description rest, or feeding and walks
                 * @enum {string}
                 */
                what: "break" | "care";
            }[];
        };
        FileAbsence: {
            /**
             * Format: uuid
             * @description id of a absence
             */
            id: string;
            /**
             * Format: uuid
             * @description id of a person
             */
            personId: string;
            /**
             * Format: date
             * @description whole day
             */
            day: string;
            /**
             * @description why
             * @enum {string}
             */
            reason: "ill" | "away";
        };
        FileTransport: {
            /**
             * Format: uuid
             * @description id of a transport
             */
            id: string;
            /** @description ferry, van */
            name: string;
            /**
             * Format: uuid
             * @description id of a site
             */
            fromSiteId: string;
            /**
             * Format: uuid
             * @description id of a site
             */
            toSiteId: string;
            /**
             * Format: date
             * @description day of travel
             */
            day: string;
            /** @description leaves */
            depart: string;
            /** @description arrives, the same day */
            arrive: string;
            people: string[];
            dogs: string[];
        };
        FileOwner: {
            /**
             * Format: uuid
             * @description id of a owner
             */
            id: string;
            /** @description owner */
            name: string;
            /** @description how to reach them; leads only */
            contact: string;
        };
        FileDog: {
            /**
             * Format: uuid
             * @description id of a dog
             */
            id: string;
            /** @description call name */
            name: string;
            /** @description a breed of the library */
            breed: string;
            /**
             * @description sex
             * @enum {string}
             */
            sex: "dog" | "bitch";
            /**
             * Format: date
             * @description date of birth
             */
            born: string;
            /** @description weight, kg */
            weightKg: number;
            /**
             * Format: uuid
             * @description id of a owner
             */
            ownerId?: string;
            /**
             * @description how dense the coat is
             * @enum {string}
             */
            density: "light" | "normal" | "heavy";
            /**
             * @description load of loose undercoat
             * @enum {string}
             */
            undercoat: "light" | "heavy";
            /** @description puppy coat giving way to the adult one */
            coatChange: boolean;
            /** @description false: a flat jacket needs a towel set */
            jacketLies: boolean;
            /** @description trained to lie while it is brushed */
            liesForWork: boolean;
            /** @description factor on minutes: 0.8 easy, 1.6 hard */
            cooperation: number;
            /** @description a harsh coat that is bathed whole on request, not only its whites */
            wholeBath: boolean;
            /** @description smooth coats: mitt-cleaned, clean ground, shown weekly */
            bathSkippedWhenClean: boolean;
            /** @description fringes that are dressed daily and washed weekly */
            fringed: boolean;
            /** @description standing trim minutes a day; by coat when absent */
            standMinPerDay?: number;
            /**
             * Format: date
             * @description last full trim
             */
            lastTrim?: string;
            /**
             * Format: date
             * @description last full brushing
             */
            lastBrush?: string;
            /**
             * Format: date
             * @description last bath
             */
            lastBath?: string;
            /**
             * Format: date
             * @description last full removal of undercoat
             */
            lastUndercoat?: string;
            /**
             * @description ground of the run
             * @enum {string}
             */
            ground?: "grass" | "artificial" | "indoors" | "gravel" | "earth";
            /** @description soiled since the last bath */
            soiled?: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
            /** @description mats that are known */
            mats?: {
                /**
                 * @description where
                 * @enum {string}
                 */
                zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
                /**
                 * @description side of a paired zone; both or unknown when absent
                 * @enum {string}
                 */
                side?: "left" | "right";
                /**
                 * @description how far it has closed
                 * @enum {string}
                 */
                tightness: "loose" | "tight" | "solid";
                /**
                 * Format: date
                 * @description when it was found
                 */
                foundOn?: string;
                /** @description longest side, cm; 3 when absent */
                cm?: number;
                /** @description no finger passes between it and the skin */
                atSkin?: boolean;
                /**
                 * @description skin beneath it; not looked at when absent
                 * @enum {string}
                 */
                skin?: "calm" | "red" | "wet" | "smells";
                /**
                 * Format: date
                 * @description a light web kept for the ring: out by this day
                 */
                keptUntil?: string;
            }[];
            /** @description knots and mats ever marked, oldest first */
            knotsFound?: {
                /**
                 * Format: date
                 * @description when it was found
                 */
                day: string;
                /**
                 * @description where
                 * @enum {string}
                 */
                zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
            }[];
            /** @description zones ever found damp at a dry check, oldest first */
            dampFound?: {
                /**
                 * Format: date
                 * @description when it was found
                 */
                day: string;
                /**
                 * @description where
                 * @enum {string}
                 */
                zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
            }[];
            /** @description dark coat over paler roots: cut from beneath only */
            paleRoots?: boolean;
            /** @description growing coat: the breed’s zones are locked */
            growsCoat?: boolean;
            /** @description not cut */
            locked?: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
            states?: {
                /**
                 * @description what is to be minded
                 * @enum {string}
                 */
                kind: "season" | "falsePregnancy" | "afterWhelping" | "injury" | "medicine" | "allergy" | "treatment" | "outOfCoat";
                /**
                 * Format: date
                 * @description since
                 */
                from: string;
                /**
                 * Format: date
                 * @description last day; open when absent
                 */
                until?: string;
                /** @description label hours either side of a treatment */
                hours?: number;
                /** @description of note */
                note?: string;
            }[];
            consents?: {
                /**
                 * @description what the owner agreed to
                 * @enum {string}
                 */
                what: "shaveOut" | "strip" | "firstEars" | "whiskers";
                /**
                 * Format: date
                 * @description when
                 */
                given: string;
            }[];
            /** @description zones that failed the dry or the straight test */
            unready?: {
                /**
                 * @description where
                 * @enum {string}
                 */
                zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
                /**
                 * @description damp at the root, or kinked
                 * @enum {string}
                 */
                test: "damp" | "kinked";
            }[];
            /** @description color by zone where it is known */
            colors?: {
                /**
                 * @description where
                 * @enum {string}
                 */
                zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
                /**
                 * @description color
                 * @enum {string}
                 */
                color: "white" | "pale" | "dark" | "darkOverPale";
            }[];
            /** @description products used, oldest first */
            uses?: {
                /**
                 * Format: date
                 * @description when
                 */
                day: string;
                /**
                 * @description class of product
                 * @enum {string}
                 */
                product: "cleansingWash" | "clarifyingWash" | "textureWash" | "mildWash" | "whiteningWash" | "stainPreTreat" | "richConditioner" | "lightConditioner" | "leaveIn" | "loosening" | "liftSpray" | "foam" | "cream" | "dressing" | "stainBarrier";
                /**
                 * @description whole coat, some zones, or stains only
                 * @enum {string}
                 */
                scope: "whole" | "zones" | "stains";
                /** @description where, for some zones */
                zones?: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
            }[];
            /** @description product has built up: the next wash clarifies */
            buildUp?: boolean;
            /** @description finishing recipe, in order */
            recipe?: {
                /**
                 * @description class of product
                 * @enum {string}
                 */
                product: "cleansingWash" | "clarifyingWash" | "textureWash" | "mildWash" | "whiteningWash" | "stainPreTreat" | "richConditioner" | "lightConditioner" | "leaveIn" | "loosening" | "liftSpray" | "foam" | "cream" | "dressing" | "stainBarrier";
                /** @description where it goes; empty = all over */
                zones: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
                /** @description how, or which bottle */
                note?: string;
            }[];
            /** @description when the coat was right after a bath */
            settles?: {
                /**
                 * Format: date
                 * @description of the bath
                 */
                day: string;
                /**
                 * @description when it was right
                 * @enum {string}
                 */
                right: "sameDay" | "nextDay" | "afterTwo";
            }[];
            /** @description how long a finish held */
            holds?: {
                /**
                 * Format: date
                 * @description when
                 */
                day: string;
                /** @description minutes until it sagged */
                minutes: number;
            }[];
            /** @description notes for whoever is at the dog next, until they are over */
            notes?: {
                /** @description made by the device that wrote it */
                id: string;
                /**
                 * Format: date
                 * @description when
                 */
                day: string;
                /**
                 * @description what it is about
                 * @enum {string}
                 */
                kind: "sore" | "thin" | "leftLonger" | "careful" | "trimIdea";
                /** @description where; empty = the whole dog */
                zones: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
                /** @description why, or what to do */
                text?: string;
            }[];
            /** @description inspections beside planned tasks, oldest first */
            inspected?: {
                /**
                 * Format: date
                 * @description when
                 */
                day: string;
                /**
                 * Format: uuid
                 * @description id of a who looked the dog over
                 */
                by?: string;
            }[];
            /** @description unusual things, followed until closed */
            observations?: {
                /** @description made by the device that wrote it */
                id: string;
                /**
                 * Format: date
                 * @description when it was found
                 */
                day: string;
                /**
                 * @description what is unusual
                 * @enum {string}
                 */
                point: "eyes" | "ears" | "teeth" | "skin" | "lumps" | "legs" | "nails" | "vent" | "season" | "appetite" | "tufts" | "soiling";
                /** @description where; empty = the whole dog */
                zones: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
                /**
                 * @description how soon it wants an answer
                 * @enum {string}
                 */
                severity: "watch" | "soon" | "now";
                /** @description what was seen */
                text?: string;
                /** @description who was told */
                told?: string;
                /**
                 * Format: uuid
                 * @description id of a who found it
                 */
                by?: string;
                /** @description looks since, the last of them last */
                looks?: {
                    /**
                     * Format: date
                     * @description when
                     */
                    day: string;
                    /**
                     * @description beside the last look
                     * @enum {string}
                     */
                    course: "better" | "same" | "worse";
                    /**
                     * Format: uuid
                     * @description id of a who looked
                     */
                    by?: string;
                }[];
                /**
                 * Format: date
                 * @description usual again; followed until then
                 */
                closedOn?: string;
            }[];
            /** @description towel sets that the jacket needs, 1 when absent */
            towelSets?: number;
            /** @description the jacket is set once more after the show bath, a day before leaving */
            towelAfterBath?: boolean;
            /** @description long hair is kept in wraps or bands */
            wrapped?: boolean;
            /** @description last full removal of undercoat by zone */
            undercoatDone?: {
                /**
                 * @description where
                 * @enum {string}
                 */
                zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
                /**
                 * Format: date
                 * @description when
                 */
                day: string;
            }[];
            /** @description steps that the dog bears better or worse */
            cooperationAt?: {
                /**
                 * @description step
                 * @enum {string}
                 */
                step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
                /** @description factor on minutes: 0.8 easy, 1.6 hard */
                factor: number;
            }[];
            /** @description zones that the dog lets be touched better or worse */
            cooperationZones?: {
                /**
                 * @description zone
                 * @enum {string}
                 */
                zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
                /** @description factor on minutes: 0.8 easy, 1.6 hard */
                factor: number;
            }[];
            schools?: {
                /**
                 * @description side
                 * @enum {string}
                 */
                matsAndWater?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                matsAndTime?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                doubleBeforeBath?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                whenToBathe?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                clusterDays?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                ringDryness?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                sheepdogForceDryer?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                bathScope?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                shampooOn?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                headInBath?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                tubShaking?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                glands?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                sideOrder?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                productAndScissors?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                throat?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                earTop?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                bodyShears?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                footEdge?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                brushingRoute?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                tanglesAtShow?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                preTreat?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                smallTrimsBy?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                puppyWhiskers?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                whiskers?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                curlDrying?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                soakLength?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                coloredBulk?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                tableTime?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                posture?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                gate?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                thickWashes?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                trimBegin?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                sprayOnLayer?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                sprayUpAfter?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                eyelashes?: "a" | "b";
                /**
                 * @description side
                 * @enum {string}
                 */
                nailTool?: "a" | "b";
            };
            /** @description of note */
            note?: string;
            /** @description ISO 11784: 15 digits, a country or a maker first */
            microchip?: string;
            /** @description run or kennel it stays in */
            run?: string;
            /** @description what hands should know of it */
            temperament?: string;
            /** @description what the owner wishes */
            wishes?: string;
            /** @description turns in the tub when asked */
            turnsInTub?: boolean;
            /** @description stands for the force dryer */
            standsForDryer?: boolean;
            /** @description weighings, oldest first */
            weights?: {
                /**
                 * Format: date
                 * @description when
                 */
                day: string;
                /** @description weight, kg */
                kg: number;
            }[];
            /** @description body measures, oldest first */
            measures?: {
                /**
                 * Format: date
                 * @description when
                 */
                day: string;
                /**
                 * @description what was measured
                 * @enum {string}
                 */
                what: "height" | "bodyLength" | "forechest" | "chestDepth" | "croupHeight" | "tailSetHeight" | "rumpHeight" | "tuckUpHeight" | "neckLength" | "skullLength" | "muzzleLength" | "hockHeight" | "hockBehind" | "tailLength" | "dipDepth" | "skullWidth" | "chestWidth" | "thighWidth" | "stifleHeight" | "skullDepth" | "muzzleDepth" | "forelegWidth" | "hindLegWidth" | "footLength" | "earLength" | "earWidth" | "chest" | "neck" | "foreleg";
                /** @description centimeters */
                cm: number;
            }[];
            /** @description hair measured, oldest first */
            lengths?: {
                /**
                 * Format: date
                 * @description when
                 */
                day: string;
                /**
                 * @description where
                 * @enum {string}
                 */
                zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
                /** @description length of the hair, millimeters */
                mm: number;
                /**
                 * @description side of the dog; both alike when absent
                 * @enum {string}
                 */
                side?: "left" | "right";
                /**
                 * Format: uuid
                 * @description id of a who measured it
                 */
                by?: string;
                /** @description why it was left so */
                why?: string;
            }[];
            /** @description hair that is wanted on the day of a show */
            wanted?: {
                /**
                 * @description where
                 * @enum {string}
                 */
                zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
                /** @description length of the hair, millimeters */
                mm: number;
            }[];
            outline?: {
                /** @description what a lead wants the eye to see */
                corrections?: {
                    /**
                     * @description what the eye is to see
                     * @enum {string}
                     */
                    what: "moreNeck" | "shortBack" | "moreLeg" | "moreRear" | "levelTop" | "hideDip" | "clearHead" | "fullerThigh" | "fullPastern";
                    /** @description how far, 1 as far as it goes */
                    amount: number;
                }[];
                /** @description how hard the length to the height is kept, 0.2 when absent */
                lengthPull?: number;
                /** @description tail in movement, degrees up from straight back */
                movingTail?: number;
                /** @description lines set by hand */
                lines?: {
                    /**
                     * @description line that was set by hand
                     * @enum {string}
                     */
                    what: "topline" | "underline" | "front" | "columnFront" | "columnBack" | "rear" | "bevel" | "floor";
                    /** @description off the breed’s at its front or upper end, mm, outward above 0 */
                    near: number;
                    /** @description the same at its other end */
                    far: number;
                }[];
                /** @description looks at the dog in movement, oldest first */
                movements?: {
                    /**
                     * Format: date
                     * @description when
                     */
                    day: string;
                    /**
                     * Format: uuid
                     * @description id of a second person, who watched
                     */
                    by?: string;
                    /**
                     * @description how the outline was in movement
                     * @enum {string}
                     */
                    seen: "asWanted" | "tooLong" | "tooShort" | "uneven";
                    /** @description where; empty = all of it */
                    zones: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
                    /** @description what was seen */
                    text?: string;
                }[];
                /** @description outlines to compare with, oldest first */
                kept?: {
                    /**
                     * Format: uuid
                     * @description id of a of the outline
                     */
                    id: string;
                    /**
                     * Format: date
                     * @description when it was so
                     */
                    day: string;
                    /** @description what it is called */
                    name: string;
                    /** @description hair on that day */
                    lengths: {
                        /**
                         * @description where
                         * @enum {string}
                         */
                        zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
                        /** @description length of the hair, millimeters */
                        mm: number;
                    }[];
                    /** @description hair that was wanted */
                    wanted: {
                        /**
                         * @description where
                         * @enum {string}
                         */
                        zone: "muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip";
                        /** @description length of the hair, millimeters */
                        mm: number;
                    }[];
                    /** @description asked for then */
                    corrections: {
                        /**
                         * @description what the eye is to see
                         * @enum {string}
                         */
                        what: "moreNeck" | "shortBack" | "moreLeg" | "moreRear" | "levelTop" | "hideDip" | "clearHead" | "fullerThigh" | "fullPastern";
                        /** @description how far, 1 as far as it goes */
                        amount: number;
                    }[];
                }[];
            };
            /**
             * Format: uuid
             * @description id of a who scissors and finishes it where they can
             */
            finisherId?: string;
            /**
             * Format: uuid
             * @description id of a who baths and dries it where they can
             */
            batherId?: string;
            /** @description when it is in the kennel’s care; always when absent or empty */
            stays?: {
                /**
                 * Format: date
                 * @description first day here
                 */
                from: string;
                /** @description when it is brought; in the morning when absent */
                arrives?: string;
                /**
                 * Format: date
                 * @description last day here; open when absent
                 */
                until?: string;
                /** @description when it is fetched; in the evening when absent */
                leaves?: string;
                /**
                 * Format: uuid
                 * @description id of a site where it is handed over; home when absent
                 */
                broughtTo?: string;
            }[];
            /** @description weak pasterns or sinking hocks: their hair is left, tidiness shows the fault */
            weakLegs?: ("pastern" | "hock")[];
            /**
             * Format: date
             * @description since when it is no longer here; its records stay
             */
            leftOn?: string;
        };
        FileShow: {
            /**
             * Format: uuid
             * @description id of a show
             */
            id: string;
            /** @description show or circuit */
            name: string;
            /**
             * Format: uuid
             * @description id of a site
             */
            siteId: string;
            /**
             * Format: date
             * @description first day of judging
             */
            firstDay: string;
            /**
             * Format: date
             * @description last day of judging
             */
            lastDay: string;
            rules?: {
                /**
                 * @description as the show’s own rules say
                 * @enum {string}
                 */
                productsLeft?: "free" | "restricted" | "forbidden" | "unknown";
                /**
                 * @description as the show’s own rules say
                 * @enum {string}
                 */
                whiskersRemoved?: "free" | "restricted" | "forbidden" | "unknown";
                /**
                 * @description as the show’s own rules say
                 * @enum {string}
                 */
                alteredShown?: "free" | "restricted" | "forbidden" | "unknown";
                /**
                 * @description as the show’s own rules say
                 * @enum {string}
                 */
                scissoringNatural?: "free" | "restricted" | "forbidden" | "unknown";
                /**
                 * @description as the show’s own rules say
                 * @enum {string}
                 */
                dryersOnGround?: "free" | "restricted" | "forbidden" | "unknown";
                /** @description months of age on the day */
                leastAgeMonths?: number;
                /** @description dryers on the ground from, where they are restricted */
                dryersFrom?: string;
                /** @description dryers on the ground until, where they are restricted */
                dryersUntil?: string;
            };
        };
        FileRing: {
            /**
             * Format: uuid
             * @description id of a ring
             */
            id: string;
            /**
             * Format: uuid
             * @description id of a show
             */
            showId: string;
            /** @description ring */
            name: string;
        };
        FileEntry: {
            /**
             * Format: uuid
             * @description id of a entry
             */
            id: string;
            /**
             * Format: uuid
             * @description id of a dog
             */
            dogId: string;
            /**
             * Format: uuid
             * @description id of a show
             */
            showId: string;
            /**
             * Format: uuid
             * @description id of a ring
             */
            ringId: string;
            /**
             * Format: date
             * @description day of judging
             */
            day: string;
            /** @description when this dog goes in */
            ringTime: string;
            /**
             * Format: uuid
             * @description id of a person who shows the dog; anybody with the ring skill when absent
             */
            handlerId?: string;
            /** @description 3 = must not be missed */
            importance: number;
            /** @description class it is entered in */
            showClass?: string;
            /** @description a later round won: the dog is held ready until then */
            laterRound?: string;
            /** @description the judge, and what is known of what is looked for */
            judge?: string;
            /** @description how much flattery of the outline pays here, 1 when absent */
            flattery?: number;
        };
        FileBottle: {
            /**
             * Format: uuid
             * @description id of a bottle
             */
            id: string;
            /**
             * @description class of product
             * @enum {string}
             */
            product: "cleansingWash" | "clarifyingWash" | "textureWash" | "mildWash" | "whiteningWash" | "stainPreTreat" | "richConditioner" | "lightConditioner" | "leaveIn" | "loosening" | "liftSpray" | "foam" | "cream" | "dressing" | "stainBarrier";
            /** @description as the label says */
            name: string;
            /** @description milliliters when full */
            sizeMl: number;
            /** @description milliliters that are left */
            leftMl: number;
            /**
             * Format: date
             * @description opened on
             */
            openedOn?: string;
            /**
             * Format: date
             * @description last day on which it is used
             */
            expiresOn?: string;
            /** @description the last mix that took from it */
            taken?: {
                /** @description milliliters that a mix took */
                ml: number;
                /**
                 * Format: date-time
                 * @description when
                 */
                at: string;
                /**
                 * Format: uuid
                 * @description id of a who mixed
                 */
                by?: string;
            };
        };
        /** @description care of a tool that was done */
        FileToolCare: {
            /**
             * Format: uuid
             * @description id of a note of care
             */
            id: string;
            /** @description a station, or a person and a kind of tool: "PERSON.slicker" */
            tool: string;
            /**
             * @description what was done
             * @enum {string}
             */
            job: "clear" | "pins" | "oil" | "sharpen" | "blade" | "filter" | "fireCheck" | "disinfect";
            /**
             * Format: date-time
             * @description when
             */
            at: string;
            /**
             * Format: uuid
             * @description id of a who did it
             */
            by?: string;
        };
        FileWork: {
            taskKey: string;
            /**
             * Format: uuid
             * @description id of a dog
             */
            dogId: string;
            /**
             * @description step
             * @enum {string}
             */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            /**
             * @description state
             * @enum {string}
             */
            state: "running" | "paused" | "done" | "skipped";
            /**
             * Format: uuid
             * @description id of a who did it
             */
            personId?: string;
            /**
             * Format: uuid
             * @description id of a where
             */
            stationId?: string;
            /**
             * Format: date-time
             * @description first start
             */
            startedAt?: string;
            /**
             * Format: date-time
             * @description start of the present run; only while running
             */
            runningSince?: string;
            /**
             * Format: date-time
             * @description finished or skipped
             */
            finishedAt?: string;
            /** @description milliseconds worked before the present run */
            workedMs: number;
            /** @description minutes expected of any dog and person at its start */
            expectedMin?: number;
            /** @description flank that was worked, first or second */
            flank?: 1 | 2;
            /** @description why skipped */
            reason?: string;
            /** @description pauses, the last of them last */
            pauses?: {
                /**
                 * Format: date-time
                 * @description when
                 */
                at: string;
                /**
                 * @description why; not said when absent
                 * @enum {string}
                 */
                cause?: "dog" | "calledAway" | "equipment" | "other";
                /** @description where the dog asked for it */
                zones?: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
            }[];
            /** @description products that worked in the coat, the last of them last */
            soaks?: {
                /** @description made by the device that began it */
                id: string;
                /**
                 * @description what works in the coat
                 * @enum {string}
                 */
                product: "cleansingWash" | "clarifyingWash" | "textureWash" | "mildWash" | "whiteningWash" | "stainPreTreat" | "richConditioner" | "lightConditioner" | "leaveIn" | "loosening" | "liftSpray" | "foam" | "cream" | "dressing" | "stainBarrier";
                /**
                 * Format: date-time
                 * @description since when
                 */
                at: string;
                /** @description minutes that the label asks for */
                leastMin: number;
                /** @description minutes that it allows */
                mostMin: number;
                /**
                 * Format: date-time
                 * @description out of the coat; still in it when absent
                 */
                endedAt?: string;
            }[];
            /** @description lines of its page that were ticked, cautions that were met */
            ticked?: string[];
        };
        /** @description a task that a lead has set: planning goes around it */
        FilePin: {
            taskKey: string;
            /**
             * Format: date-time
             * @description when it begins
             */
            start: string;
            /**
             * Format: uuid
             * @description id of a by whom; anybody who can when absent
             */
            personId?: string;
            /**
             * Format: uuid
             * @description id of a where; any that serves when absent
             */
            stationId?: string;
        };
        /** @description a whole kennel, see library/schema/kennel.schema.json */
        KennelFile: KennelFile;
        FileSettings: {
            /** @description IANA time zone of the kennel */
            timeZone: string;
            /**
             * @description how times are written
             * @enum {string}
             */
            clock: "24h" | "12h";
            /** @description how far ahead keep-up work is placed */
            keepUpDaysAhead: number;
            /** @description from this weight nobody lifts a dog alone: the tub has a ramp, or two lift */
            rampFromKg: number;
            /** @description most minutes of work on a dog without a walk; 0 = no limit */
            dogWorkMin?: number;
            /** @description minutes of that walk */
            dogWalkMin?: number;
            /** @description most minutes of work on a dog under a year without a pause; 0 = no limit */
            puppyWorkMin?: number;
            /** @description most minutes of work of a person without a rest; 0 = no limit */
            personWorkMin?: number;
            /** @description minutes of that rest */
            personRestMin?: number;
            /** @description least hours between two working days of a person; 0 = no limit */
            nightRestHours?: number;
            /** @description a lead has confirmed the time zone */
            zoneChecked?: boolean;
        };
        /** @description a row of a list, as a kennel file has it */
        FileRow: KennelRow;
        FileBreed: KennelBreed;
        FileSchools: SchoolChoices;
        FileStepChange: KennelStepChange;
        FileIntervalChange: KennelIntervalChange;
        FileProductChange: KennelProductChange;
        FileLineChange: {
            /**
             * @description step
             * @enum {string}
             */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "upperEars" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "revive" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            /** @description line of the library, or one of the kennel’s own */
            line: string;
            /**
             * @description for whom it holds
             * @enum {string}
             */
            of: "kennel" | "coat" | "breed" | "dog";
            /** @description class of coat, breed, or id of the dog */
            which?: string;
            /**
             * @description not told
             * @constant
             */
            hidden?: true;
            /** @description a line of the kennel’s own */
            text?: string;
            /** @description line that it follows; "" = first */
            after?: string;
        };
        FileDogParts: DogRecordParts;
        FileDogPatch: Patch<DogRecordParts>;
        FilePersonParts: PersonParts;
        FilePersonPatch: Patch<PersonParts>;
    };
    responses: {
        /** @description broken: Something went wrong here */
        Broken: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "broken";
                };
            };
        };
        /** @description databaseAway: The database is away */
        DatabaseAway: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "databaseAway";
                };
            };
        };
        /** @description badInput: Something in it is not right */
        BadInput: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "badInput";
                };
            };
        };
        /** @description wrongPassword: This name and password do not go together */
        WrongPassword: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "wrongPassword";
                };
            };
        };
        /** @description tooLarge: That is too much at once */
        TooLarge: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "tooLarge";
                };
            };
        };
        /** @description tooManyAttempts: Too many attempts */
        TooManyAttempts: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "tooManyAttempts";
                };
            };
        };
        /** @description notSignedIn: Sign in first */
        NotSignedIn: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "notSignedIn";
                };
            };
        };
        /** @description mustChangePassword: Choose a password of your own first. notAllowed: Your role does not allow this */
        MustChangePasswordOrNotAllowed: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "mustChangePassword" | "notAllowed";
                };
            };
        };
        /** @description badToken: This page is out of date; load it again. mustChangePassword: Choose a password of your own first. notAllowed: Your role does not allow this */
        BadTokenOrMustChangePasswordOrNotAllowed: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "badToken" | "mustChangePassword" | "notAllowed";
                };
            };
        };
        /** @description linkOver: This link is over */
        LinkOver: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "linkOver";
                };
            };
        };
        /** @description wrongPin: This name and PIN do not go together */
        WrongPin: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "wrongPin";
                };
            };
        };
        /** @description notAllowed: Your role does not allow this */
        NotAllowed: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "notAllowed";
                };
            };
        };
        /** @description notSignedIn: Sign in first. wrongPresentPassword: The present password is not right */
        NotSignedInOrWrongPresentPassword: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "notSignedIn" | "wrongPresentPassword";
                };
            };
        };
        /** @description notFound: This does not exist */
        NotFound: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "notFound";
                };
            };
        };
        /** @description notNow: This cannot be done in this state. otherCommand: This command id was used for something else */
        NotNowOrOtherCommand: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "notNow" | "otherCommand";
                };
            };
        };
        /** @description notNow: This cannot be done in this state. otherCommand: This command id was used for something else. stale: Somebody else changed this */
        NotNowOrOtherCommandOrStale: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "notNow" | "otherCommand" | "stale";
                };
            };
        };
        /** @description stale: Somebody else changed this */
        Stale: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "stale";
                };
            };
        };
        /** @description otherCommand: This command id was used for something else. stale: Somebody else changed this */
        OtherCommandOrStale: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "otherCommand" | "stale";
                };
            };
        };
        /** @description busy: The planner has too many questions at once. databaseAway: The database is away */
        BusyOrDatabaseAway: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "busy" | "databaseAway";
                };
            };
        };
        /** @description otherCommand: This command id was used for something else */
        OtherCommand: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "otherCommand";
                };
            };
        };
        /** @description alreadyOver: This task is over already. askFirst: Something speaks against it; it can be done anyway. notAsPlanned: The task is not what the sender takes it for. notNow: This cannot be done in this state. otherCommand: This command id was used for something else. stale: Somebody else changed this */
        AlreadyOverOrAskFirstOrNotAsPlannedOrNotNowOrOtherCommandOrStale: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "alreadyOver" | "askFirst" | "notAsPlanned" | "notNow" | "otherCommand" | "stale";
                };
            };
        };
        /** @description alreadyOver: This task is over already. notAsPlanned: The task is not what the sender takes it for. notNow: This cannot be done in this state. otherCommand: This command id was used for something else. stale: Somebody else changed this */
        AlreadyOverOrNotAsPlannedOrNotNowOrOtherCommandOrStale: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "alreadyOver" | "notAsPlanned" | "notNow" | "otherCommand" | "stale";
                };
            };
        };
        /** @description notNow: This cannot be done in this state */
        NotNow: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "notNow";
                };
            };
        };
        /** @description tooManyStreams: Too many pages are open */
        TooManyStreams: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["ProblemDto"] & {
                    /** @enum {string} */
                    code?: "tooManyStreams";
                };
            };
        };
    };
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    "Health.live": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HealthDto"];
                };
            };
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Health.ready": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HealthDto"];
                };
            };
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SessionDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.signIn": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SignInDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SessionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["WrongPassword"];
            413: components["responses"]["TooLarge"];
            429: components["responses"]["TooManyAttempts"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.signOut": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.useLink": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LinkDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SessionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["LinkOver"];
            413: components["responses"]["TooLarge"];
            429: components["responses"]["TooManyAttempts"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.signInByPin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PinSignInDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SessionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["WrongPin"];
            403: components["responses"]["NotAllowed"];
            413: components["responses"]["TooLarge"];
            429: components["responses"]["TooManyAttempts"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.now": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SessionNowDto"];
                };
            };
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.changePassword": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangePasswordDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SessionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedInOrWrongPresentPassword"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            413: components["responses"]["TooLarge"];
            429: components["responses"]["TooManyAttempts"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.setPin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OwnPinDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedInOrWrongPresentPassword"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            413: components["responses"]["TooLarge"];
            429: components["responses"]["TooManyAttempts"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.sessions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SessionsDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.endOthers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.end": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.thisDevice": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ThisDeviceDto"];
                };
            };
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.trusted": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DevicesDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.trust": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TrustDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Session.forget": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Kennel.read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KennelDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Kennel.rows": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KennelFile"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Kennel.export": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KennelFile"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Open.open": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OpenKennelDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OpenedDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Change.change": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangesCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChangedDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Change.check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CheckChangesDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CheckedDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["Stale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Change.read": {
        parameters: {
            query?: {
                /** @description id of a dog, person, station, show, plan ...; everything when absent */
                subject?: string;
                /** @description only events before this number */
                before?: number;
                /** @description at most so many, 50 when absent */
                limit?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrailDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Change.undo": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                number: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChangedDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["NotNowOrOtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Adjustment.handler": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HandlerDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Adjustment.rules": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ShowRulesCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Adjustment.marks": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CoatMarksCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Adjustment.overtime": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OvertimeDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Adjustment.reopen": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReopenDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["NotNowOrOtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Adjustment.failed": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Records.dog": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RecordCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Records.log": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CoatLogDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Records.breed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BreedCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Records.removeBreed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BreedRemoveDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["NotNowOrOtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanViewDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.whatBroke": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanBreaksDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["BusyOrDatabaseAway"];
        };
    };
    "Plan.slack": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskSlackDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["BusyOrDatabaseAway"];
        };
    };
    "Plan.why": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChainWhyDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            500: components["responses"]["Broken"];
            503: components["responses"]["BusyOrDatabaseAway"];
        };
    };
    "Plan.set": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SetTaskDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.letGo": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.start": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StartPlanDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanJobDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["OtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.job": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanJobDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.cancel": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.enough": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.publish": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PublishedDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.lookInto": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.stopLooking": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.takeBack": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PublishedDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Plan.discard": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PublishedDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.list": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorkListDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.start": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TaskCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["AlreadyOverOrAskFirstOrNotAsPlannedOrNotNowOrOtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.pause": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TaskCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["AlreadyOverOrNotAsPlannedOrNotNowOrOtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.resume": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TaskCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["AlreadyOverOrAskFirstOrNotAsPlannedOrNotNowOrOtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.finish": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TaskCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["AlreadyOverOrNotAsPlannedOrNotNowOrOtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.skip": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TaskCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["AlreadyOverOrNotAsPlannedOrNotNowOrOtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.tick": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TickDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.pauseCause": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PauseCauseDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.soak": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SoakStartDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.soakEnd": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SoakEndDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Work.undo": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description key of the task */
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskAnswerDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "People.absent": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AbsenceCommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["OtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "People.back": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AbsenceRemoveDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "People.password": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OneTimePasswordDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "People.link": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WelcomeLinkDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "People.close": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "People.record": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PersonRecordDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Methods.read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MethodsDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Methods.change": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangeMethodsDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MethodsDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Methods.preview": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MethodsBodyDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MethodsEffectDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Methods.changeDog": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangeDogSchoolsDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MethodsDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommandOrStale"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Methods.previewDog": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PreviewMethodsDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MethodsEffectDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Feed.list": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FeedsDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Feed.make": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewFeedDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FeedAddressDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Feed.revoke": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Feed.read": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                secret: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/calendar": string;
                };
            };
            400: components["responses"]["BadInput"];
            404: components["responses"]["NotFound"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Stock.take": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TakeDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RowVersionDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Air.read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AirDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Tools.list": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolJobsDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Tools.care": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CareDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["OtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Labels.printer": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LabelPrinterDto"];
                };
            };
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Labels.print": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LabelsDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            409: components["responses"]["NotNow"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Photos.list": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PhotosDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Photos.read": {
        parameters: {
            query: {
                size: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/jpeg": string;
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Photos.add": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPhotoDto"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AddedPhotoDto"];
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["NotNowOrOtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Photos.remove": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CommandDto"];
            };
        };
        responses: {
            /** @description It is done. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["BadTokenOrMustChangePasswordOrNotAllowed"];
            404: components["responses"]["NotFound"];
            409: components["responses"]["OtherCommand"];
            413: components["responses"]["TooLarge"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
    "Stream.open": {
        parameters: {
            query?: {
                /** @description the same, for a first connection */
                after?: unknown;
            };
            header?: {
                /** @description number of the last change that was heard */
                "last-event-id"?: string;
            };
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/event-stream": string;
                };
            };
            400: components["responses"]["BadInput"];
            401: components["responses"]["NotSignedIn"];
            403: components["responses"]["MustChangePasswordOrNotAllowed"];
            429: components["responses"]["TooManyStreams"];
            500: components["responses"]["Broken"];
            503: components["responses"]["DatabaseAway"];
        };
    };
}
