<?php

declare(strict_types=1);

namespace App\Edge;

use App\Ledger\Changes;
use App\Session\BenchSession;
use App\Session\SessionEnd;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Desk\Count;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Edges whose every stone was looked at and found done are sharp; the others stay as they are. */
final readonly class HoningEnd implements SessionEnd
{
    private const COLUMNS = [
        'microWidthMm' => 'micro_width_mm',
        'primaryDeg' => 'primary_deg',
        'secondaryDeg' => 'secondary_deg',
        'honedMm' => 'honed_mm',
    ];

    /** @var list<SessionStep> */
    private array $steps;

    public function __construct(private BenchSession $session, private bool $isDone)
    {
        $this->steps = $session->walked();
    }

    public function entryKind(): string
    {
        return $this->isDone ? 'honed' : 'honing-stopped';
    }

    public function sentence(): string
    {
        if ($this->session->kind === SessionKind::Day) {
            $count = count($this->done());
            $edges = $count === 1 ? '1 edge' : "$count edges";

            return ($this->isDone
                ? "Sharpening day: $edges sharp"
                : "Stopped the sharpening day: $edges sharp").'.';
        }
        $counted = [];
        foreach ($this->steps as $index => $step) {
            if ($this->session->counted[$index] > 0) {
                $counted[] = Count::of($this->session->counted[$index], 'stroke')." on the {$step->title}";
            }
        }
        $strokes = $counted === [] ? 'no stroke counted' : implode(', ', $counted);

        return ($this->isDone ? 'Honed the ' : 'Stopped honing the ')."{$this->session->title}: $strokes.";
    }

    public function write(Changes $changes, string $now): void
    {
        foreach ($this->done() as $id) {
            $edge = Edge::of($changes->bench)->find($id);
            if (! $edge instanceof Edge) {
                continue;
            }
            $becomes = $this->becomes()[$id];
            $columns = [];
            foreach (array_intersect_key(self::COLUMNS, $becomes) as $name => $column) {
                $columns[$column] = $becomes[$name];
            }
            // A back that was flattened leaves the bevel to be honed.
            $state =
                isset($becomes['microWidthMm'])
                    ? ['condition' => Edge::SHARP, 'honed_on' => $now, 'nick_mm' => null]
                    : ['condition' => EdgeNeed::Dull->value];
            $changes->update($edge, [...$columns, ...$state]);
            $entry = $this->entry($id, $now, $becomes['recessionMm'] ?? null);
            $changes->create($edge->events(), ['bench_id' => $edge->bench_id, ...EdgeEvent::columns($entry)]);
        }
    }

    /** @return array<int, array<string, float>> what each edge becomes, by its id */
    private function becomes(): array
    {
        /** @var array<int, array<string, float>> $becomes */
        $becomes = $this->session->context['becomes'] ?? [];

        return $becomes;
    }

    /** @return list<int> edges of which no stone is left to do */
    private function done(): array
    {
        $left = [];
        foreach ($this->steps as $index => $step) {
            if (! $this->isDone && $index >= $this->session->at_step) {
                $left[$this->edgeOf($step)] = true;
            }
        }

        return array_values(
            array_filter(array_keys($this->becomes()), static fn (int $id): bool => ! isset($left[$id])),
        );
    }

    private function entry(int $id, string $now, ?float $recessionMm): EdgeEntry
    {
        $strokes = 0;
        $last = null;
        foreach ($this->steps as $index => $step) {
            if ($this->edgeOf($step) === $id) {
                $strokes += (int) $this->session->counted[$index];
                $last = $step->kind === StepKind::Hone->value ? $step->title : $last;
            }
        }

        return new EdgeEntry(
            EdgeEntryKind::Honed,
            $now,
            strokes: $strokes === 0 ? null : $strokes,
            recessionMm: $recessionMm,
            stone: $last,
        );
    }

    private function edgeOf(SessionStep $step): int
    {
        return $step->edgeId ?? (int) $this->session->edgeId();
    }
}
