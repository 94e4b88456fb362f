/* Generated from server/openapi.json by `npm run api`. */
export interface paths {
    "/api/health": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
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
        get: operations["Session.read"];
        put?: never;
        post: operations["Session.signIn"];
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
        post: operations["Session.signInByPin"];
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
        get: operations["Session.trusted"];
        put?: never;
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
        post: operations["Open.open"];
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
        get: operations["Plan.read"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasks/{key}/room": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["Plan.room"];
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
        post: operations["Plan.cancel"];
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
        post: operations["Plan.publish"];
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
        post: operations["Work.skip"];
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
        post: operations["Yard.absent"];
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
        post: operations["Yard.back"];
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
        post: operations["Yard.password"];
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
        post: operations["Yard.link"];
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
        post: operations["Yard.close"];
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
        post: operations["Yard.handler"];
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
        post: operations["Yard.rules"];
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
        post: operations["Yard.marks"];
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
        post: operations["Yard.overtime"];
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
        post: operations["Yard.reopen"];
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
        get: operations["Methods.read"];
        put?: never;
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
        post: operations["Methods.previewDog"];
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
        post: operations["Records.log"];
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
        post: operations["Records.person"];
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
        post: operations["Records.removeBreed"];
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
        post: operations["Change.undo"];
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
        get: operations["Feed.list"];
        put?: never;
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
        post: operations["Feed.revoke"];
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
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description what the crew calls the device */
            name: string;
        };
        SettingsDto: {
            timeZone: string;
            /** @enum {string} */
            clock: "24h" | "12h";
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
            closures: components["schemas"]["ClosureDto"][];
            version: number;
        };
        PersonDto: {
            id: string;
            name: string;
            /** @enum {string} */
            role: "lead" | "finisher" | "bather" | "hand" | "owner";
            skills: ("bath" | "dry" | "brush" | "scissor" | "ring" | "hand" | "decide" | "harshDryer" | "glands")[];
            /** @description what is learned and the kit, as in a file */
            record: {
                [key: string]: unknown;
            };
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
            /** @description class of coat */
            coat: string;
            marks: components["schemas"]["CoatMarksDto"];
            /** @description coat and ways, as in a kennel file */
            record: {
                [key: string]: unknown;
            };
            version: number;
        };
        OwnBreedDto: {
            name: string;
            /** @description the breed, as in a kennel file */
            facts: {
                [key: string]: unknown;
            };
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
            version: number;
        };
        PinDto: {
            taskKey: string;
            start: string;
            personId?: string;
            stationId?: string;
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
        };
        OpenKennelDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description a whole kennel file */
            kennel: {
                [key: string]: unknown;
            };
            /** @description the lead of the file that whoever opens it is */
            becomes: string;
        };
        OpenedDto: {
            dogs: number;
            people: number;
        };
        MoveDto: {
            key: string;
            dogId: string;
            /** @enum {string} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            from: string;
            to: string;
        };
        SummaryDto: {
            ready: number;
            of: number;
            tasks: number;
            moved: number;
            added: number;
            removed: number;
            moves: components["schemas"]["MoveDto"][];
        };
        MinutesDto: {
            middle: number;
            p20: number;
            p80: number;
        };
        PlannedActivityDto: {
            key: string;
            /** @enum {string} */
            kind: "show" | "keepUp";
            dogId: string;
            entryId: string | null;
            /** @enum {string} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            /** @enum {string} */
            state: "done" | "running" | "planned";
            start: string;
            end: string;
            attendedUntil: string;
            people: string[];
            stationId: string | null;
            minutes: components["schemas"]["MinutesDto"];
            aim: string;
            bound: boolean;
            latest: string | null;
            /** @description code and fields of the reason */
            reason: {
                [key: string]: unknown;
            };
        };
        UnplacedDto: {
            key: string;
            /** @enum {string} */
            kind: "show" | "keepUp";
            dogId: string;
            entryId: string | null;
            /** @enum {string|null} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown" | null;
            /** @description why, and what would help */
            reason: {
                [key: string]: unknown;
            };
            waiting: {
                [key: string]: unknown;
            }[];
        };
        PlanDto: {
            now: string;
            firstDay: string;
            seed: number;
            rounds: number;
            inputHash: string;
            activities: components["schemas"]["PlannedActivityDto"][];
            unplaced: components["schemas"]["UnplacedDto"][];
            leftOut: {
                [key: string]: unknown;
            }[];
            calendar: {
                [key: string]: unknown;
            }[];
        };
        StoredPlanDto: {
            id: string;
            madeAt: string;
            summary: components["schemas"]["SummaryDto"];
            plan: components["schemas"]["PlanDto"];
        };
        ProgressDto: {
            round: number;
            rounds: number;
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
        PlanViewDto: {
            published: components["schemas"]["StoredPlanDto"] | null;
            /** @description leads only */
            draft: components["schemas"]["StoredPlanDto"] | null;
            /** @description a job that is under way; leads only */
            job: components["schemas"]["PlanJobDto"] | null;
        };
        TaskRoomDto: {
            earliest: string | null;
            latest: string | null;
            /** @description keys of the tasks that wait for it */
            waits: string[];
        };
        SetTaskDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description when it begins, ISO 8601 in UTC; on the five minutes */
            start: string;
            /** @description by whom; anybody who can when absent */
            personId?: string;
            /** @description where; any that serves when absent */
            stationId?: string;
        };
        CommandDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
        };
        StartPlanDto: {
            /** @description UUID version 7, made by the sender */
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
        WorkDto: {
            taskKey: string;
            dogId: string;
            /** @enum {string} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            /** @enum {string} */
            state: "running" | "paused" | "done" | "skipped";
            personId?: string;
            stationId?: string;
            startedAt?: string;
            runningSince?: string;
            finishedAt?: string;
            workedMs: number;
            expectedMin?: number;
            reason?: string;
            version: number;
        };
        WorkListDto: {
            work: components["schemas"]["WorkDto"][];
        };
        TaskCommandDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version of the record that the sender saw; 0 when there was none */
            version: number;
            dogId: string;
            /** @enum {string} */
            step: "inspection" | "keepUpBrush" | "dressing" | "knots" | "lesson" | "practice" | "shapeCheck" | "shapeTrim" | "strip" | "trimBath" | "blowOut" | "brushOut1" | "preTreat" | "brushOut2" | "glands" | "mittClean" | "bath" | "bathWhites" | "condition" | "towel" | "forceDry" | "heatDry" | "dryCheck" | "undercoat" | "lineBrush" | "combThrough" | "clip" | "nails" | "ears" | "throat" | "whiskers" | "naturalTrim" | "roughTrim" | "towelSoak" | "towelSet" | "towelRelease" | "fineTrim" | "outlineCheck" | "wraps" | "bag" | "load" | "spotWash" | "touchUp" | "finish" | "tidies" | "gate" | "ring" | "winnersHold" | "skinLook" | "takedown";
            stationId?: string | null;
            /** @description minutes that the plan expected of any dog and person; kept when it starts */
            expectedMin?: number;
            /** @description why it is skipped */
            reason?: string;
        };
        TaskAnswerDto: {
            /** @description null: nobody has touched the task */
            work: components["schemas"]["WorkDto"] | null;
        };
        AbsenceCommandDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description YYYY-MM-DD */
            day: string;
            /** @enum {string} */
            reason: "ill" | "away";
        };
        RowVersionDto: {
            id: string;
            version: number;
        };
        AbsenceRemoveDto: {
            /** @description UUID version 7, made by the sender */
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
        HandlerDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            handlerId: string;
        };
        ShowRulesCommandDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            rules: components["schemas"]["ShowRulesDto"];
        };
        CoatMarksCommandDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            marks: components["schemas"]["CoatMarksDto"];
        };
        OvertimeDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description HH:MM, the latest that the person can stay */
            overtimeEnd: string;
        };
        ReopenDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description day of the closure to lift, YYYY-MM-DD */
            day: string;
        };
        DogChoicesDto: {
            dogId: string;
            version: number;
            /** @description class of coat */
            coat: string;
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: {
                [key: string]: "a" | "b";
            };
        };
        MethodsVersionDto: {
            number: number;
            madeAt: string;
            madeBy: string | null;
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: {
                [key: string]: "a" | "b";
            };
            /** @description changed steps of care programs, as in a kennel file */
            steps: {
                [key: string]: unknown;
            }[];
            /** @description changed intervals of keep-up work, as in a kennel file */
            intervals: {
                [key: string]: unknown;
            }[];
            /** @description products as the kennel’s own bottles say, as in a kennel file */
            products: {
                [key: string]: unknown;
            }[];
        };
        MethodsDto: {
            /** @description version in force; 0 = as the library has it */
            number: number;
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: {
                [key: string]: "a" | "b";
            };
            /** @description changed steps of care programs, as in a kennel file */
            steps: {
                [key: string]: unknown;
            }[];
            /** @description changed intervals of keep-up work, as in a kennel file */
            intervals: {
                [key: string]: unknown;
            }[];
            /** @description products as the kennel’s own bottles say, as in a kennel file */
            products: {
                [key: string]: unknown;
            }[];
            dogs: components["schemas"]["DogChoicesDto"][];
            /** @description newest first */
            history: components["schemas"]["MethodsVersionDto"][];
        };
        ChangeMethodsDto: {
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: {
                [key: string]: "a" | "b";
            };
            /** @description changed steps of care programs, as in a kennel file */
            steps?: {
                [key: string]: unknown;
            }[];
            /** @description changed intervals of keep-up work, as in a kennel file */
            intervals?: {
                [key: string]: unknown;
            }[];
            /** @description products as the kennel’s own bottles say, as in a kennel file */
            products?: {
                [key: string]: unknown;
            }[];
            /** @description made by the sender; the same command again answers as before */
            commandId: string;
            /** @description version that the sender saw */
            number: number;
        };
        MethodsBodyDto: {
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: {
                [key: string]: "a" | "b";
            };
            /** @description changed steps of care programs, as in a kennel file */
            steps?: {
                [key: string]: unknown;
            }[];
            /** @description changed intervals of keep-up work, as in a kennel file */
            intervals?: {
                [key: string]: unknown;
            }[];
            /** @description products as the kennel’s own bottles say, as in a kennel file */
            products?: {
                [key: string]: unknown;
            }[];
        };
        RefusedDto: {
            dogId: string;
            school: string;
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
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version of the dog that the sender saw */
            version: number;
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: {
                [key: string]: "a" | "b";
            };
        };
        PreviewMethodsDto: {
            /** @description side by question; a question that is absent stays as is usual on the coat */
            schools: {
                [key: string]: "a" | "b";
            };
        };
        RecordCommandDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description fields to change, as in a kennel file; null takes a field away */
            record: {
                [key: string]: unknown;
            };
        };
        CoatLogDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @enum {string} */
            what: "use" | "settle" | "hold";
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
            /** @description of a use on some zones */
            zones?: ("muzzle" | "beard" | "stop" | "eyeCorner" | "brow" | "skull" | "cheek" | "earFront" | "earBack" | "earSurface" | "earUnder" | "earFringe" | "behindEar" | "throat" | "crest" | "neckSide" | "collarSeat" | "forechest" | "shoulder" | "upperArm" | "armpit" | "foreleg" | "innerForeleg" | "foreFeather" | "pastern" | "forefoot" | "foreToes" | "forePads" | "withers" | "back" | "loin" | "croup" | "ribs" | "flank" | "belly" | "mammaryLine" | "underline" | "loinSkirt" | "outerThigh" | "innerThigh" | "breeches" | "stifle" | "hock" | "hindfoot" | "hindToes" | "hindPads" | "vent" | "tailSet" | "tail" | "tailTip")[];
            /**
             * @description when the coat was right after its bath
             * @enum {string}
             */
            right?: "sameDay" | "nextDay" | "afterTwo";
            /** @description minutes that the finish held */
            minutes?: number;
        };
        BreedCommandDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version that the sender saw; 0 for a new breed */
            version: number;
            /** @description the breed, as in a kennel file */
            breed: {
                [key: string]: unknown;
            };
        };
        BreedRemoveDto: {
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @description version of the row that the sender saw */
            version: number;
            /** @description name of the breed */
            name: string;
        };
        RowChangeDto: {
            /** @enum {string} */
            list: "settings" | "sites" | "circuits" | "stations" | "owners" | "people" | "shifts" | "absences" | "dogs" | "transports" | "shows" | "rings" | "entries";
            id: string;
            /** @description the row as the sender saw it; null = it is new */
            from: {
                [key: string]: unknown;
            } | null;
            /** @description the row as it shall be; null = it is removed */
            to: {
                [key: string]: unknown;
            } | null;
        };
        ChangesCommandDto: {
            /** @description UUID version 7, made by the sender */
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
            list: "settings" | "sites" | "circuits" | "stations" | "owners" | "people" | "shifts" | "absences" | "dogs" | "transports" | "shows" | "rings" | "entries";
            id: string;
            from: {
                [key: string]: unknown;
            } | null;
            to: {
                [key: string]: unknown;
            } | null;
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
            /** @description UUID version 7, made by the sender */
            commandId: string;
            /** @enum {string} */
            of: "person" | "dog";
            id: string;
        };
        FeedAddressDto: {
            /** @description path of the calendar; shown once */
            path: string;
        };
    };
    responses: never;
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
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
            /** @description a kennel file without its work records: what forms change */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        [key: string]: unknown;
                    };
                };
            };
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
            /** @description a whole kennel file */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        [key: string]: unknown;
                    };
                };
            };
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
        };
    };
    "Plan.room": {
        parameters: {
            query?: never;
            header?: never;
            path: {
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
                    "application/json": components["schemas"]["TaskRoomDto"];
                };
            };
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
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
        };
    };
    "Yard.absent": {
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
        };
    };
    "Yard.back": {
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
        };
    };
    "Yard.password": {
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
        };
    };
    "Yard.link": {
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
        };
    };
    "Yard.close": {
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    "Yard.handler": {
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
        };
    };
    "Yard.rules": {
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
        };
    };
    "Yard.marks": {
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
        };
    };
    "Yard.overtime": {
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
        };
    };
    "Yard.reopen": {
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
        };
    };
    "Records.person": {
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
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
}
