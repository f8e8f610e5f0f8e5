import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { JobPage, Stance } from '../api/client';
import { length, show, taken, partly } from '../test/testing';
import { BeforeMarks } from './BeforeMarks';
import { SideDrawing } from './SideDrawing';
import { vehicleEdit } from './vehicleEdit';
import { cameWords } from '../words/page/came';

const unchanged: Stance = { unchanged: true, findings: [] };

function page(readings: JobPage['readings'], stance: Stance = unchanged): JobPage {
  return partly<JobPage>({
    readings,
    stance,
    vehicle: {
      id: 'v',
      version: 4,
      name: 'Brask Tundal',
      nickname: 'test',
      driverSide: 'LEFT',
      lampAheadMm: 820,
      dipped: 'UN_DIPPED',
      lensDipped: 'E4 HCR',
      steeperByMaker: false,
      changedBy: 'Runa',
      changedAt: '2026-11-25T10:59:00Z',
    },
  });
}

describe('the vehicle from its side', () => {
  it('shows a tyre as it was typed and a lift as a tape reads it', () => {
    show(
      <SideDrawing
        page={page([
          taken('TYRE_FRONT', 787.4, { typed: '31x10.5 R15', title: 'Front tyre now' }),
          taken('LIFT_REAR', 25, { title: 'Lift, rear' }),
        ])}
        onKeep={vi.fn()}
        onLength={vi.fn()}
      />,
    );
    expect(screen.getByText('31x10.5 R15')).toBeTruthy();
    expect(screen.getByText(cameWords.lifted({ value: '25' }))).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Wheelbase, not measured' })).toBeTruthy();
    expect(screen.getByRole('button', { name: /Lamps ahead of the front axle: 820/ })).toBeTruthy();
  });

  it('keeps what is typed at the axle where it was typed', async () => {
    const onKeep = vi.fn().mockResolvedValue(undefined);
    show(<SideDrawing page={page([])} onKeep={onKeep} onLength={vi.fn()} />);
    fireEvent.click(
      screen.getByRole('button', {
        name: cameWords.nameHintNotNoted({ name: 'Rear axle', hint: 'lift' }),
      }),
    );
    const field = screen.getByRole('textbox', {
      name: cameWords.nameHintNotNoted({ name: 'Rear axle', hint: 'lift' }),
    });
    fireEvent.change(field, { target: { value: '4 cm' } });
    fireEvent.submit(field);
    await waitFor(() =>
      expect(onKeep).toHaveBeenCalledWith({ kind: 'LIFT_REAR' }, '4 cm', expect.any(String)),
    );
  });

  it('says how far the lamps rose only where they did', () => {
    const risen = { ...unchanged, centreRise: length(78), beamRise: length(0) };
    const first = show(<SideDrawing page={page([], risen)} onKeep={vi.fn()} onLength={vi.fn()} />);
    expect(screen.getByText(/78 mm/).textContent).toContain('higher');
    first.unmount();
    show(<SideDrawing page={page([])} onKeep={vi.fn()} onLength={vi.fn()} />);
    expect(screen.queryByText(/higher|lower/)).toBeNull();
  });
});

describe('marks from before', () => {
  it('are kept by side, with their distance', async () => {
    const onKeep = vi.fn().mockResolvedValue(undefined);
    show(<BeforeMarks page={page([taken('BEFORE_DISTANCE', 5000)])} onKeep={onKeep} />);
    expect(screen.getByText('5000')).toBeTruthy();
    fireEvent.click(screen.getByText(cameWords.sideBelow({ side: 'right' })));
    const field = screen.getByRole('textbox');
    fireEvent.change(field, { target: { value: '62' } });
    fireEvent.submit(field);
    await waitFor(() =>
      expect(onKeep).toHaveBeenCalledWith(
        { kind: 'BEFORE_BELOW', side: 'RIGHT' },
        '62',
        expect.any(String),
      ),
    );
  });
});

describe('a vehicle sent to be changed', () => {
  it('says everything that it is, and its version', () => {
    expect(vehicleEdit(page([]).vehicle)).toMatchObject({
      version: 4,
      lampAheadMm: 820,
      lensDipped: 'E4 HCR',
      dipped: 'UN_DIPPED',
    });
  });
});
