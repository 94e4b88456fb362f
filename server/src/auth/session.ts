/*
 * The signed-in person of a request, and the command that the request gives.
 */
import { createHash } from 'node:crypto';
import { createParamDecorator } from '@nestjs/common';
import type { ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import type { PersonId, Role } from '@loyal-mane/core';
import { pathOf } from '../http/jsonBody.js';

/** Who makes a request. */
export interface SignedIn {
  readonly personId: PersonId;
  readonly name: string;
  readonly role: Role;
  /** Whose dogs an owner reads; null for the crew. */
  readonly ownerId: string | null;
  readonly csrf: string;
  readonly mustChange: boolean;
  readonly tokenHash: string;
}

/** A request with who makes it; null = nobody is signed in. */
export type SessionRequest = Request & { signedIn?: SignedIn };

/** A write that somebody asked for. Given again with the same id it answers as before, if it is the same in all. */
export interface Command {
  /** Made by the sender. */
  readonly id: string;
  readonly actorId: PersonId;
  /** SHA-256 over route and body: the same id with another one, or from somebody else, is another command. */
  readonly fingerprint: string;
}

function signedInOf(context: ExecutionContext): SignedIn {
  const signedIn = context.switchToHttp().getRequest<SessionRequest>().signedIn;
  if (signedIn === undefined) throw new Error('signedInOf: this route is public');
  return signedIn;
}

/** The signed-in person as a controller's parameter; the middleware has seen to it that there is one. */
export const Me = createParamDecorator((_: unknown, context: ExecutionContext): SignedIn => signedInOf(context));

/** The command of a request as a controller's parameter; its id is checked by the DTO of the body. */
export const Given = createParamDecorator((_: unknown, context: ExecutionContext): Command => {
  const request = context.switchToHttp().getRequest<SessionRequest>();
  const { personId } = signedInOf(context);
  const body = request.body as { readonly commandId: string };
  const whole = JSON.stringify([request.method, pathOf(request), body]);
  return { id: body.commandId, actorId: personId, fingerprint: createHash('sha256').update(whole).digest('hex') };
});
