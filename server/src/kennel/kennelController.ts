import { Controller, Get, Header } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DEFAULT_SCISSOR_MIN, coatClassOf, rulesOf, withKennelBreeds } from '@loyal-mane/core';
import type { DogRecordParts, KennelDog, KennelFile } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { ownKennel } from '../auth/ownView.js';
import { Me } from '../auth/session.js';
import type { SignedIn } from '../auth/session.js';
import { Operation } from '../contract/operation.js';
import { compact } from '../db/rows.js';
import { KennelDto } from './dto.js';
import type { MatDto } from './dto.js';
import { FreshAnswers, JSON_TYPE } from '../events/freshAnswers.js';
import { KennelRepository } from './kennelRepository.js';

const WHOLE = { schema: { $ref: '#/components/schemas/KennelFile' } };

/** Routes that read the kennel and write it out. */
@ApiTags('kennel')
@Controller('api')
export class KennelController {
  constructor(
    private readonly kennels: KennelRepository,
    private readonly answers: FreshAnswers,
  ) {}

  @Get('kennel')
  @Operation('Reads the kennel as its rooms show it; an owner reads what concerns their own dogs.', KennelDto)
  @Header('Content-Type', JSON_TYPE)
  async read(@Me() me: SignedIn): Promise<string> {
    if (me.role === 'owner') return JSON.stringify(await this.view(me));
    return this.answers.of('kennel', me.role === 'lead' ? 'lead' : 'crew', () => this.view(me));
  }

  private async view(me: SignedIn): Promise<KennelDto> {
    const { kennel: whole, versions } = await this.kennels.readVersioned();
    const kennel = me.role === 'owner' ? ownKennel(whole, me.ownerId) : whole;
    const library = withKennelBreeds(CARE_LIBRARY, kennel.breeds);
    const { breeds } = library;
    const version = (id: string): number => versions.get(id) ?? 1;
    const lead = me.role === 'lead';
    return {
      name: kennel.name,
      settings: {
        timeZone: kennel.settings.timeZone,
        clock: kennel.settings.clock,
        zoneChecked: kennel.settings.zoneChecked === true,
      },
      sites: kennel.sites,
      stations: kennel.stations.map(({ id, siteId, kind, name, ramp, closures }) => ({
        id,
        siteId,
        kind,
        name,
        ramp: ramp === true,
        closures,
        version: version(id),
      })),
      people: kennel.people.map(
        ({ id, name, role, skills, scissorMinPerDay, learning, kit, brushingRoute, trimBegin }) => ({
          id,
          name,
          role,
          skills,
          scissorMinPerDay: scissorMinPerDay ?? DEFAULT_SCISSOR_MIN,
          record: compact({ learning, kit, brushingRoute, trimBegin }),
          version: version(id),
        }),
      ),
      shifts: kennel.shifts.map((s) => ({ ...s, version: version(s.id) })),
      absences: kennel.absences,
      transports: kennel.transports,
      owners: lead ? kennel.owners : [],
      dogs: kennel.dogs.map((d) => ({
        id: d.id,
        name: d.name,
        breed: d.breed,
        sex: d.sex,
        born: d.born,
        weightKg: d.weightKg,
        ...(d.note === undefined ? {} : { note: d.note }),
        ...(lead && d.ownerId !== undefined ? { ownerId: d.ownerId } : {}),
        badge: breeds.get(d.breed)?.badge ?? 'samoyed',
        coat: coatClassOf(d, library),
        marks: {
          soiled: d.soiled ?? [],
          mats: (d.mats ?? []).map((m) => compact(m) as MatDto),
          unready: d.unready ?? [],
        },
        knotsFound: d.knotsFound ?? [],
        dampFound: d.dampFound ?? [],
        record: recordOf(d),
        version: version(d.id),
      })),
      shows: kennel.shows.map((s) => {
        const { leastAgeMonths, ...rules } = rulesOf(s);
        return { ...s, rules: { ...rules, leastAgeMonths: leastAgeMonths ?? 0 }, version: version(s.id) };
      }),
      breeds: (kennel.breeds ?? []).map((b) => ({ name: b.name, facts: b, version: version(b.name) })),
      rings: kennel.rings,
      entries: kennel.entries.map((e) => ({ ...e, version: version(e.id) })),
      pins: [...(kennel.pins ?? [])],
      bottles: me.role === 'owner' ? [] : (kennel.bottles ?? []).map((b) => ({ ...b, version: version(b.id) })),
    };
  }

  @Get('kennel/rows')
  @Operation('Reads the kennel’s rows without its work records: what forms change.', WHOLE)
  @Header('Content-Type', JSON_TYPE)
  rows(): Promise<string> {
    return this.answers.of('kennel', 'rows', () => this.kennels.readWithoutWork());
  }

  @Get('export')
  @Operation('Takes the whole kennel out as a file.', WHOLE)
  @Header('Content-Disposition', 'attachment; filename="kennel.json"')
  async export(): Promise<KennelFile> {
    return this.kennels.read();
  }
}

/** A dog as its forms read and change it. */
function recordOf(dog: KennelDog): DogRecordParts {
  const { id, name, breed, sex, born, weightKg, ownerId, schools, soiled, mats, unready, ...rest } = dog;
  const { knotsFound: _finds, dampFound: _damp, ...record } = rest;
  return record;
}
