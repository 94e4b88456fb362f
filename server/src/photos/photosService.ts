/*
 * Photos of dogs. What comes in is not trusted: it is decoded within limits and written anew, so that nothing is kept but the
 * picture itself; where and by what it was taken is left out.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import sharp from 'sharp';
import type { Command, SignedIn } from '../auth/session.js';
import { Clock } from '../clock.js';
import { EventStore } from '../events/eventStore.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { AddedPhotoDto, NewPhotoDto, PhotoDto, PhotoView } from './dto.js';

/** Most photos of a dog. */
const MOST_PHOTOS = 200;
/** Most pixels that are decoded: a phone's largest picture, and no bomb. */
const MOST_PIXELS = 60_000_000;
/** Longest side of what is kept, and of its small copy, pixels. */
const LONGEST = 2000;
const SMALL = 360;
const QUALITY = 82;
const FORMATS: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp']);

interface Pictures {
  readonly picture: Buffer;
  readonly small: Buffer;
  readonly width: number;
  readonly height: number;
}

interface PhotoBytes {
  readonly dog_id: string;
  readonly picture?: Buffer;
  readonly small?: Buffer;
}

/** Adds, reads and removes photos. */
@Injectable()
export class PhotosService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly events: EventStore,
    private readonly kennels: KennelRepository,
    private readonly clock: Clock,
  ) {}

  async list(me: SignedIn, dogId: string): Promise<PhotoDto[]> {
    await this.mustSee(me, dogId);
    const rows = await this.knex('photos')
      .where({ dog_id: dogId })
      .orderBy([{ column: 'at', order: 'desc' }, 'id'])
      .select('id', 'at', 'view', 'words', 'person_id', 'width', 'height');
    return rows.map(({ id, at, view, words, person_id, width, height }) => ({
      ...{ id, at: at.toISOString(), view: view as PhotoView, width, height },
      ...(words === null ? {} : { words }),
      ...(person_id === null ? {} : { personId: person_id }),
    }));
  }

  async read(me: SignedIn, id: string, isSmall: boolean): Promise<Buffer> {
    const row = await this.knex('photos')
      .where({ id })
      .first('dog_id', isSmall ? 'small' : 'picture');
    if (row === undefined) throw gone();
    const { dog_id: dogId, small, picture } = row as PhotoBytes;
    await this.mustSee(me, dogId);
    const bytes = isSmall ? small : picture;
    if (bytes === undefined) throw new Error('PhotosService.read: the row has no picture');
    return bytes;
  }

  async add(given: Command, { dogId, view, words, picture }: NewPhotoDto): Promise<AddedPhotoDto> {
    const made = await picturesOf(Buffer.from(picture, 'base64'));
    return this.events.run(given, async (trx) => {
      const dog = await trx('dogs').where({ id: dogId }).forUpdate().first('id');
      if (dog === undefined) throw new Problem('notFound', 'This dog is not in the kennel any more. Nothing was kept.');
      const [known] = await trx('photos').where({ dog_id: dogId }).count({ n: '*' });
      if (Number(known?.n ?? 0) >= MOST_PHOTOS)
        throw new Problem('notNow', `There are ${String(MOST_PHOTOS)} photos of this dog. Remove one first.`);
      const text = (words ?? '').trim();
      const row = { id: given.id, dog_id: dogId, view, words: text === '' ? null : text };
      const at = new Date(this.clock.nowMs());
      await trx('photos').insert({ ...row, at, person_id: given.actorId, ...made });
      return { kind: 'photo.added', subject: dogId, change: { before: null, after: row }, result: { id: given.id } };
    });
  }

  async remove(me: SignedIn, given: Command, id: string): Promise<void> {
    await this.events.run(given, async (trx) => {
      const row = await trx('photos').where({ id }).forUpdate().first('dog_id', 'view', 'words', 'person_id');
      if (row === undefined) throw gone();
      if (me.role !== 'lead' && row.person_id !== me.personId)
        throw new Problem('notAllowed', 'Whoever added a photo removes it, or a lead. Nothing was changed.');
      await trx('photos').where({ id }).delete();
      return { kind: 'photo.removed', subject: row.dog_id, change: { before: row, after: null }, result: null };
    });
  }

  /** Owners see their own dogs only; of others they are told nothing, not even that they are there. */
  private async mustSee(me: SignedIn, dogId: string): Promise<void> {
    if (me.role !== 'owner') return;
    if (!(await this.kennels.dogsOf(me.ownerId)).has(dogId)) throw gone();
  }
}

const gone = (): Problem => new Problem('notFound', 'This photo is not there any more.');

/** The picture written anew, upright, and its small copy. @throws Problem where it is no picture that can be read */
export async function picturesOf(file: Buffer): Promise<Pictures> {
  try {
    const { format } = await sharp(file, { limitInputPixels: MOST_PIXELS }).metadata();
    if (!FORMATS.has(format)) throw new Error(`it is ${format}`);
    const upright = sharp(file, { limitInputPixels: MOST_PIXELS }).rotate().flatten({ background: '#ffffff' });
    const { data, info } = await upright
      .resize({ width: LONGEST, height: LONGEST, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    const small = await sharp(data)
      .resize({ width: SMALL, height: SMALL, fit: 'inside' })
      .jpeg({ quality: QUALITY })
      .toBuffer();
    return { picture: data, small, width: info.width, height: info.height };
  } catch {
    throw new Problem('badInput', 'This is no picture that can be read: JPEG, PNG or WebP. Nothing was kept.', {
      errors: [{ path: 'picture', detail: 'is damaged, too large (60 million pixels), or of another kind' }],
    });
  }
}
