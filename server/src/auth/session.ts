/*
 * The signed-in person of a request.
 */
import { createParamDecorator } from '@nestjs/common';
import type { ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import type { PersonId, Role } from '@loyal-mane/core';

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

export type SessionRequest = Request & { signedIn?: SignedIn };

/** The signed-in person as a controller's parameter; the middleware has seen to it that there is one. */
export const Me = createParamDecorator((_: unknown, context: ExecutionContext): SignedIn => {
  const signedIn = context.switchToHttp().getRequest<SessionRequest>().signedIn;
  if (signedIn === undefined) throw new Error('Me: this route is public');
  return signedIn;
});
