/*
 * Lines of everything that cuts, and of the checks around it. Common practice of the trade.
 */
import type { PageLine } from '@loyal-mane/core';
import { JACKETS, LONG, all, line, not, on, partOf, sequence, side } from '../line.js';
import {
  BEGIN,
  BEVEL_FOOT,
  FRINGE,
  GROWING,
  HEADS,
  LEGS,
  NATURAL_FOOT,
  PALE,
  SCISSORED_BODY,
  SHAPED,
  SHEARS,
  TAILS,
  THINNERS,
} from './shapeLines.js';

const SHEARS_AWAY = line('trim.shears', 'Wipe the shears, oil and work them, and store them closed.', LONG);

const CLEAN = line('trim.clean', 'Work only on a coat that was washed, dried, checked and combed today.', LONG);

/** Lines by step. */
export const TRIM_LINES = {
  clip: [
    line('clip.cool', 'Feel the blade on your own hand before it touches the dog.'),
    line(
      'clip.pads',
      'Clip the pads with blade 30, before the foot is shaped.',
      {},
      { tool: 'clipper', zones: ['forePads', 'hindPads'] },
    ),
    side('clip.shears', 'school:smallTrimsBy:a', 'Clear vent and belly with quiet shears.', {}),
    side('clip.trimmer', 'school:smallTrimsBy:b', 'Clear vent and belly with the small trimmer, without pressure.', {}),
    line(
      'clip.lightly',
      'Clip vent and belly lightly.',
      not('school:smallTrimsBy:a', 'school:smallTrimsBy:b', 'coat:smooth'),
      {
        topic: 'smallTrimsBy',
      },
    ),
    line('clip.vent', 'The clip at the vent does not show from the side.', LONG),
    line('clip.season', 'In season no blade at vent and mammary line.', all('state:season')),
    line(
      'clip.false',
      'Belly left alone; the underline sideways, only what hangs.',
      on('state:falsePregnancy', 'state:afterWhelping'),
    ),
    line('clip.face', 'Face, feet and throat clean: blade against the hair, skin stretched.', on('feet:clipped')),
    line('clip.ears', 'Ears clipped close, from the base outward to the edge.', on('ears:clipped', 'ears:tassel'), {
      zones: ['earSurface', 'earUnder'],
    }),
    line('clip.inner', 'Inner surfaces shorter than the body: less to scissor.', on('coat:scissored')),
    line('clip.smooth', 'Vent, loin skirt and belly, along the hair.', on('coat:smooth')),
    line(
      'clip.settle',
      'Clipped some days before the show: redness and lines settle, on a face in two to five days, on a throat in seven.',
      on('feet:clipped', 'ears:clipped', 'ears:tassel'),
    ),
    line('clip.count', 'Note the dog on the blade: it is serviced by count.'),
    line('clip.blend', 'Blend clipper lines with thinners.', not('coat:smooth', 'coat:wire'), { tool: 'thinners' }),
  ],
  upperEars: [
    line('upper.cool', 'Feel the blade on your own hand, and let the dog hear it before it comes near the head.'),
    line(
      'clip.upper',
      'Clip the upper part of the ear along the hair: about three fingers on a setter’s head, the top third on spaniels.',
      {},
      { tool: 'clipper', zones: ['earSurface'] },
    ),
    line('upper.under', 'The same height beneath; hold the leather flat on your hand.', {}, { zones: ['earUnder'] }),
    line(
      'upper.edge',
      'Stay clear of the edge: it is found by finger, and trimmed with the ears.',
      {},
      {
        zones: ['earFront', 'earBack'],
      },
    ),
    line('upper.blend', 'Soften the line where the fringe begins with thinners.', {}, { tool: 'thinners' }),
    line('upper.both', 'Hold both ears forward: one height, left and right.'),
  ],
  nails: [
    side('nails.grinder', 'school:nailTool:a', 'Use the grinder in short touches, hair held back.', {}),
    side('nails.cut', 'school:nailTool:b', 'Cut the tip first, clear of the quick, then round it on the grinder.', {}),
    line('nails.round', 'Round them: no edge catches.'),
    line('nails.hair', 'Tidy the hair at the nail.', LONG),
    line('nails.praise', 'Praise the dog between feet.'),
  ],
  ears: [
    line('ears.clean', 'Work only on clean, fully dry ears, combed down.'),
    line(
      'ears.retriever',
      'Flap turned back: take the overlap off along the leather, thinners only.',
      on('ears:thinned'),
      { tool: 'thinners', zones: ['earFront', 'earBack'], topic: 'earEdge' },
    ),
    line('ears.double', 'The edge with short straight shears, stray hair only.', all('coat:double', 'ears:edge'), {
      tool: 'shortStraight',
      zones: ['earFront', 'earBack'],
      topic: 'earEdge',
    }),
    line(
      'ears.spaniel',
      'Edge below the clipped part: thinners along the leather, the fringe stays.',
      on('ears:upper'),
      { tool: 'thinners', zones: ['earFront', 'earBack'], topic: 'earEdge' },
    ),
    line('ears.base', 'The base cleared; the edge stays natural.', on('ears:base'), {
      zones: ['behindEar'],
      topic: 'earEdge',
    }),
    line(
      'ears.natural',
      'These ears are left as they grow: only hair that blocks the opening is plucked or thinned.',
      { any: ['ears:natural', 'ears:fringe', 'ears:blended', 'ears:clipped', 'ears:tassel'] },
      { topic: 'earEdge' },
    ),
    line('ears.finger', 'Find the edge by finger at every cut: a nick, and the dog will not stand for it again.'),
    side(
      'ears.top.thin',
      'school:earTop:a',
      'Bulk on top with thinners on lifted hair: in separate lines running into the ear, deepest underneath, shallow behind and on top, more low than high.',
      on('ears:thinned', 'ears:upper', 'ears:base'),
    ),
    side(
      'ears.top.card',
      'school:earTop:b',
      'Bulk on top with the undercoat tool: short strokes with the growth, strokes counted.',
      on('ears:thinned', 'ears:upper', 'ears:base'),
    ),
    line(
      'ears.again',
      'Comb loose hair out, reopen, the edge closer; several passes, a second look after a pause.',
      not('ears:natural', 'ears:fringe'),
    ),
    line('ears.both', 'Both sides alike, in stance.'),
  ],
  throat: [
    line('throat.noose', 'Put the noose in front of the ears; hold the ears back.'),
    side(
      'throat.clipper',
      'school:throat:a',
      'Clipper: blade 10 on a thin coat, 12 on a thick one, up to the cheekbone.',
      on('throat:thinned', 'throat:clippedV', 'throat:handWorked'),
    ),
    side(
      'throat.thinners',
      'school:throat:b',
      'Thinners only, no clipper: it blends from the first day.',
      on('throat:thinned', 'throat:clippedV', 'throat:handWorked'),
    ),
    line(
      'throat.v',
      'Outer limits of the V first, from where the head narrows down to the forechest. Its tip sets the neck: lower means longer. Not to the skin yet.',
    ),
    line(
      'throat.inside',
      'Inside: raise the hair with the fine side of the comb, thin from bottom to top across the lie, comb down, the same spot until it is even.',
    ),
    line('throat.skin', 'Near the skin also up and down, to blend.'),
    line('throat.stop', 'Stop at the cheekbone; change the angle where the hair turns at the neck side.'),
    line(
      'throat.base',
      'Clear the hair around the ear base (bulk there widens a wedge head), thin along the shoulder edge.',
    ),
    line(
      'throat.chest',
      'Shorten low chest hair until the forechest shows. Then look from in front: shoulder and chest show, both sides alike.',
    ),
  ],
  whiskers: [
    line('whisk.rules', 'Check the show’s own rules: some forbid it.'),
    side('whisk.off', 'school:whiskers:a', 'Take them off muzzle, brow, cheek spots and jaw.', {}),
    side('whisk.left', 'school:whiskers:b', 'They stay on this dog: only what an owner has agreed to comes off.', {}),
    side('whisk.lash.left', 'school:eyelashes:b', 'Eyelashes stay.', {}),
    side('whisk.lash.off', 'school:eyelashes:a', 'Eyelashes shortened by blunt shears, lid covered.', {}),
    line(
      'whisk.stretch',
      'Stretch the skin: quiet trimmer against the hair without pressure, or short shears.',
      {},
      { tool: 'trimmer' },
    ),
    line('whisk.second', 'Second pass after the skin has relaxed; watch eyes and tongue.'),
  ],
  naturalTrim: [
    CLEAN,
    ...BEGIN,
    line('nat.natural', 'Nothing may look cut: a straight line is softened with thinners.'),
    ...NATURAL_FOOT,
    ...THINNERS,
    ...partOf('head', [
      side(
        'nat.roll.thin',
        'school:earTop:a',
        'Calm skull and shoulder roll with thinners on lifted hair.',
        on('coat:jacketedNatural'),
      ),
      side(
        'nat.roll.card',
        'school:earTop:b',
        'Calm skull and shoulder roll with the undercoat tool, strokes counted.',
        on('coat:jacketedNatural'),
      ),
    ]),
    ...LEGS,
    line('nat.slippers', 'Slippers stay.', on('feet:slippers'), {
      zones: ['foreToes', 'hindToes'],
      begins: 'feet',
    }),
    line('nat.herder', 'Tidy rear pants, tail area and chest with thinners.', all('coat:double', 'tail:docked'), {
      begins: 'rear',
    }),
    ...TAILS,
    line('nat.feather', 'Stray ends of feather plucked by finger or thinned, never shortened.', on(...JACKETS)),
    line(
      'nat.ruff',
      'Stray ends of ruff, breeches and underline plucked by finger or thinned, never shortened.',
      on('coat:double'),
    ),
    SHEARS_AWAY,
  ],
  roughTrim: [
    CLEAN,
    line('rough.guide', 'Set guide lines first, then work inside them.'),
    line('rough.bulk', 'Take bulk first: comb up, look, pass again; leave a reserve of length everywhere.'),
    ...SHEARS,
    ...PALE,
    line(
      'rough.throat',
      'Body blended by comb and thinners; topline by comb only with the fine trim.',
      on('coat:jacketedTrimmed'),
    ),
    line('rough.sheepdog', 'Rear in one roundness, stop and head by plan.', on('coat:heavySheepdog'), {
      begins: 'rear',
    }),
    side(
      'rough.lift',
      'school:productAndScissors:a',
      'Lift spray before scissoring: it is cut as it will stand.',
      on('coat:scissored'),
    ),
    ...GROWING,
    line(
      'trim.both',
      'Repeat each cut on the other side. Go around the dog once, from the front of the show side to the front of the off side.',
      LONG,
    ),
    line('rough.locked', 'Locked zones grow on: go around them.', on(...SHAPED)),
  ],
  fineTrim: [
    CLEAN,
    line(
      'fine.skirt',
      'Loin skirt, belly, tufts where directions or colors meet, vent; quiet trimmer without pressure.',
      on('coat:smooth'),
      { tool: 'trimmer' },
    ),
    ...BEGIN,
    side('fine.lift', 'school:productAndScissors:a', 'Lift spray before scissoring.', on('coat:scissored')),
    ...SHEARS,
    ...SCISSORED_BODY,
    line(
      'fine.topline',
      'Topline by comb, from the tail forward, stopping before the wedge: wide side against the growth, its tilt sets the depth, a snip or two along the growth, brush back, look, again.',
      on('coat:jacketedTrimmed'),
      { zones: ['croup', 'loin', 'back'], begins: 'topline' },
    ),
    line(
      'fine.flat',
      'A flat line may need another length at each point: feel the body, look in movement.',
      on('coat:jacketedTrimmed'),
      { begins: 'topline' },
    ),
    ...PALE,
    line(
      'fine.floor',
      'Floor line at the table’s edge with the longest straight blade, fewest strokes.',
      on('coat:drop'),
      { tool: 'longStraight', zones: ['underline'] },
    ),
    line(
      'fine.wire',
      'Furnishings shaped with thinners; a full blade only at the feet: cut wire returns softer and paler.',
      on('coat:wire'),
      { tool: 'thinners' },
    ),
    line(
      'fine.sheepFeet',
      'Feet rounded along the pads.',
      { all: ['coat:heavySheepdog'], none: ['feet:bevel', 'feet:curved', 'feet:clipped'] },
      { zones: ['forefoot', 'hindfoot'], begins: 'feet' },
    ),
    line(
      'fine.sheep',
      'Rear roundness and stop; the outline set as the rough trim left it.',
      on('coat:heavySheepdog'),
      { begins: 'rear' },
    ),
    ...BEVEL_FOOT,
    {
      ...(NATURAL_FOOT[0] as PageLine),
      id: 'foot.flat',
      sequence: 'foot',
      text: 'Pads by mini clipper, then the foot’s edge rounded with thinners, full blade last.',
      when: { any: ['coat:jacketedTrimmed', 'coat:wire'], none: ['feet:bevel'] },
    },
    ...THINNERS,
    ...LEGS,
    ...TAILS,
    ...HEADS,
    ...FRINGE,
    ...GROWING,
    line('fine.wedge', 'Neck and shoulder wedge last of all.', on('coat:jacketedTrimmed'), {
      zones: ['neckSide', 'shoulder'],
    }),
    line('fine.pause', 'Look again after a pause, from every side.', LONG),
    SHEARS_AWAY,
  ],
  shapeTrim: [
    CLEAN,
    line('shape.small', 'Take small amounts: comb up, look, again.'),
    ...SHEARS,
    ...GROWING,
    ...PALE,
    line('shape.both', 'Repeat each cut on the other side.'),
  ],
  shapeCheck: [
    line('shape.stance', 'Put the dog in show stance and comb the coat up.'),
    line('shape.sides', 'Look from side, front, rear and above.'),
    line('shape.write', 'Write down by zone what is too short and what is too long.'),
    line('shape.short', 'What is too short grows; scissors go around it.'),
  ],
  outlineCheck: [
    line('out.stance', 'A second person sets the dog in show stance.'),
    line('out.look', 'Step back: topline, angles, columns of the legs, from both sides.', LONG),
    line('out.smooth', 'Step back: tufts, skirt and whiskers from both sides.', on('coat:smooth')),
    line('out.natural', 'Nothing looks cut: no blunt edge on ears, tail or underline.', all('finish:natural')),
    line('out.crisp', 'Edges are crisp; left and right agree.', all('finish:crisp')),
    line(
      'out.tail',
      'Let the tail come up and down: move the dog once.',
      on('tail:raised', 'tail:curled', 'tail:flag'),
    ),
    line('out.mark', 'Mark what is left; set no new line after this.'),
  ],
  strip: [
    line('strip.taut', 'Hold the skin taut; short strokes with the growth.', {}, { tool: 'strippingKnife' }),
    line('strip.curve', 'Slow over the shoulder curve; count strokes per zone.'),
    line('strip.card', 'Only dead undercoat comes: then the shoulder line is thinned.', on('coat:jacketedTrimmed')),
    line('strip.wire', 'Only hair that gives; no blade on the jacket.', on('coat:wire')),
    ...PALE,
    line('rough.locked', 'Locked zones grow on: go around them.', on(...SHAPED)),
  ],
  towelSoak: [
    line('soak.rough', 'Take the rough excess off first.'),
    line('soak.wet', 'Soak the jacket in the tub to the skin, along the growth.'),
    line('soak.comb', 'Comb it into its lie while it is running wet; to the pen at once.'),
  ],
  towelSet: sequence('towelSet', {}, [
    [
      'Comb the soaked jacket along the growth.',
      'It lies flat from blades to croup.',
      { zones: ['withers', 'back', 'loin', 'croup'] },
    ],
    ['Lay the cover on without moving the hair.', 'No fold beneath it.'],
    ['Pin it, pins covered.', 'No pin touches the skin; a finger passes under.'],
    [
      'Leave the neck and shoulder wedge alone until the towel is off.',
      'Nothing of it is cut or brushed.',
      { zones: ['neckSide', 'shoulder'] },
    ],
    ['Into the pen, in a warm room. Look in every few hours.', 'The dog is warm, and rests.'],
  ]),
  towelRelease: sequence('towelSet', {}, [
    ['Pins out, cover off along the growth.', 'The hair stays where it lay.'],
    ['Feel the root.', 'Dry everywhere.', { zones: ['withers', 'back', 'loin'] }],
    [
      'Look along the back.',
      'Flat from the blades to the croup. If it lifts, soak and set it again.',
      { zones: ['back', 'croup'] },
    ],
  ]).map((l) => ({ ...l, id: l.id.replace('towelSet', 'towelOff') })),
  practice: [
    line('practice.who', 'Who will do it practices it about two months before their first show with it.'),
    line('practice.small', 'Small amounts, thinners first, a second look after a pause.', LONG),
    line('practice.note', 'Note what went wrong while the coat can still grow.'),
  ],
  lesson: [
    line('less.short', 'Work for minutes only, with rewards; stop before it is too much.'),
    line('less.table', 'Teach the table, the brush, a look at ears, feet and teeth, and turning on a cue.'),
    line('less.sounds', 'Let it hear sounds and sprays from afar; a wet cloth before running water.'),
    line('less.tub', 'Let it turn in the tub from the first bath on.'),
    line('less.clipper', 'Move the clipper along the body switched off; later switched on, away from the face.', LONG),
    line('less.nails', 'Touch feet and nails from the first weeks on.'),
    line('less.note', 'Note what it accepted.'),
  ],
} satisfies Readonly<Record<string, readonly PageLine[]>>;
