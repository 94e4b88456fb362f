/*
 * Asks the route table whether the signed-in person's role may call this route. The middleware has asked already, before it
 * read the body; this second lock holds by the route that was really found.
 */
import type { CanActivate, ExecutionContext } from '@nestjs/common';
import { Injectable } from '@nestjs/common';
import { Problem } from '../problem/problem.js';
import { accessOf } from './routePolicy.js';
import type { SessionRequest } from './session.js';

/** Lets a request through when its route's access allows the role; refuses with 401 or 403. */
@Injectable()
export class RoleGuard implements CanActivate {
  canActivate(context: ExecutionContext): boolean {
    const request = context.switchToHttp().getRequest<SessionRequest>();
    const route = request.route as { readonly path?: string } | undefined;
    const access = accessOf(request.method, route?.path ?? '');
    if (access === 'public') return true;
    const role = request.signedIn?.role;
    if (access !== null && role !== undefined && access.includes(role)) return true;
    throw new Problem('notAllowed', 'Ask a lead handler.');
  }
}
