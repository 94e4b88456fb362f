/*
 * A length that is typed, in millimeters or inches; and the choice between the two, which begins with the measures of this device.
 */
import { InputNumber, Segmented } from 'antd';
import { useState } from 'react';
import { useMeasure } from '../../parts/useMeasure';

/** Units in which lengths of the outline are typed. */
export type LengthUnit = 'mm' | 'in';

const MM_PER_INCH = 25.4;

/** The unit of a list of lengths. */
export function useLengthUnit(): readonly [LengthUnit, (unit: LengthUnit) => void] {
  const [measure] = useMeasure();
  return useState<LengthUnit>(measure === 'us' ? 'in' : 'mm');
}

/** A length as it is shown: whole millimeters, inches to a hundredth. */
export function lengthIn(unit: LengthUnit, mm: number): number {
  return unit === 'mm' ? Math.round(mm) : Math.round((mm / MM_PER_INCH) * 100) / 100;
}

interface UnitProps {
  readonly label: string;
  readonly unit: LengthUnit;
  readonly onUnit: (unit: LengthUnit) => void;
}

/** Millimeters or inches. */
export function UnitChoice({ label, unit, onUnit }: UnitProps) {
  return <Segmented aria-label={label} value={unit} options={['mm', 'in']} onChange={(u) => onUnit(u as LengthUnit)} />;
}

interface FieldProps {
  /** Its name without the unit. */
  readonly label: string;
  /** As shown, in the unit, see `lengthIn`. */
  readonly shown: number;
  readonly unit: LengthUnit;
  readonly isLead: boolean;
  /** Steps of the arrows in millimeters and in inches. */
  readonly steps: Readonly<Record<LengthUnit, number>>;
  readonly least?: number;
  /** Most millimeters. */
  readonly mostMm?: number;
  readonly onMm: (mm: number) => void;
}

/** A field that tells a new length when it is left, and nothing where it holds none. */
export function LengthField({ label, shown, unit, isLead, steps, least, mostMm, onMm }: FieldProps) {
  const most = mostMm === undefined ? {} : { max: unit === 'mm' ? mostMm : Math.ceil(mostMm / MM_PER_INCH) };
  return (
    <InputNumber
      key={`${unit}-${String(shown)}`}
      aria-label={`${label}, ${unit}`}
      disabled={!isLead}
      {...(least === undefined ? {} : { min: least })}
      {...most}
      step={steps[unit]}
      defaultValue={shown}
      className="length-field"
      onPressEnter={(e) => (e.target as HTMLInputElement).blur()}
      onBlur={(e) => {
        const typed = Number(e.target.value.replace(',', '.'));
        if (e.target.value.trim() === '' || !Number.isFinite(typed) || typed === shown) return;
        onMm(unit === 'mm' ? typed : typed * MM_PER_INCH);
      }}
    />
  );
}
