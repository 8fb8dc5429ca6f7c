import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { STAGES } from './registry';
import { stageMark } from './stage';

type Finding = Schemas['FindingView'];
const finding = (severity: Finding['severity'], open = true) => ({ stage: 'LAY', severity, open }) as Finding;

describe('the mark of a stage', () => {
  it('is the worst that is open there', () => {
    const all = [finding('CAUTION'), finding('STOP'), finding('SECOND_OPINION')];
    expect(stageMark('lay', all, true)).toBe('STOP');
    expect(stageMark('lay', [finding('CAUTION'), finding('SECOND_OPINION')], true)).toBe('SECOND_OPINION');
    expect(stageMark('lay', [finding('CAUTION')], true)).toBe('CAUTION');
  });

  it('is no mark of what is cleared, noted or cleared elsewhere', () => {
    expect(stageMark('lay', [finding('STOP', false), finding('NOTE')], true)).toBe('ready');
    expect(stageMark('cuts', [finding('STOP')], false)).toBe('none');
  });

  it('has one place for each stage, nine for nine keys', () => {
    expect(new Set(STAGES.map((s) => s.key)).size).toBe(9);
    expect(STAGES.every((s) => s.words)).toBe(true);
  });
});
