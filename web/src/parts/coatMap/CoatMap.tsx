/*
 * The coat by zone: a dog's left side (the judge's, facing left) and its right, from above and from beneath, and a lens over
 * head, feet and rear for the zones that are too small to touch. Each zone is tinted by any value.
 */
import { useMemo } from 'react';
import { dogOutline, lensesOf, planView, zoneShapes } from '@loyal-mane/core';
import type { BodyRow } from '@loyal-mane/core';
import { LensFigure } from './LensFigure';
import { PlanFigure } from './PlanFigure';
import { SideFigure } from './SideFigure';
import type { MapProps } from './ZoneButton';
import './coatMap.css';

/** A dog from both sides, above and beneath, its zones to be touched. */
export function CoatMap({ shape, ...map }: MapProps & { readonly shape: BodyRow }) {
  const dog = useMemo(() => {
    const outline = dogOutline(shape);
    return {
      outline,
      shapes: zoneShapes(outline),
      lenses: lensesOf(outline),
      above: planView(shape, 'above'),
      beneath: planView(shape, 'beneath'),
    };
  }, [shape]);
  return (
    <div className="coat-map">
      <SideFigure side="left" outline={dog.outline} shapes={dog.shapes} {...map} />
      <SideFigure side="right" outline={dog.outline} shapes={dog.shapes} {...map} />
      <LensFigure outline={dog.outline} shapes={dog.shapes} lenses={dog.lenses} {...map} />
      <div className="plans">
        <PlanFigure title="From above" view={dog.above} upper="L" {...map} />
        <PlanFigure title="Beneath" view={dog.beneath} upper="R" {...map} />
      </div>
    </div>
  );
}
