<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Changes;
use App\Models\BenchSession;
use App\Models\Edge;
use App\Models\EdgeEvent;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\EdgeHistory\EdgeEntry as CoreEvent;
use JackRest\Core\EdgeHistory\EdgeEntryKind;

/** What a session that ends has made of its edges: those whose every stone was looked at and found done are sharp. */
final readonly class EdgesOfSession
{
    public function __construct(private BenchSession $session, private bool $sharp)
    {
    }

    public function write(Changes $changes, string $now): void
    {
        foreach ($this->done() as $id) {
            $edge = $changes->bench->edges()->find($id);
            if (! $edge instanceof Edge) {
                continue;
            }
            ['recession' => $recession] = $this->session->becomes[$id] + ['recession' => null];
            $becomes = array_diff_key($this->session->becomes[$id], ['recession' => true]);
            $changes->update($edge, [...$becomes, 'honed_on' => $now]);
            $changes->create($edge->events(), ['bench_id' => $edge->bench_id, ...EdgeEvent::columns($this->event($id, $now, $recession))]);
        }
    }

    public function sentence(): string
    {
        $name = $this->session->name();
        if ($this->session->edge_id === null) {
            $done = count($this->done());
            $edges = $done === 1 ? '1 edge' : "$done edges";

            return ($this->sharp ? "Sharpening day: $edges sharp" : "Stopped the sharpening day: $edges sharp").'.';
        }
        $done = [];
        foreach ($this->session->steps as $index => $step) {
            if ($this->session->counted[$index] > 0) {
                $done[] = "{$this->session->counted[$index]} strokes on the {$step['stone']}";
            }
        }
        $strokes = $done === [] ? 'no stroke counted' : implode(', ', $done);

        return ($this->sharp ? 'Honed the ' : 'Stopped honing the ')."$name: $strokes.";
    }

    /** @return list<int> edges of which no stone is left to do */
    private function done(): array
    {
        $left = [];
        foreach ($this->session->steps as $index => $step) {
            if (! $this->sharp && $index >= $this->session->at_step) {
                $left[(int) ($step['edgeId'] ?? $this->session->edge_id)] = true;
            }
        }

        return array_values(array_filter(array_keys($this->session->becomes), static fn (int $id): bool => ! isset($left[$id])));
    }

    private function event(int $id, string $now, mixed $recession): CoreEvent
    {
        $strokes = 0;
        $last = null;
        foreach ($this->session->steps as $index => $step) {
            if ((int) ($step['edgeId'] ?? $this->session->edge_id) === $id) {
                $strokes += (int) $this->session->counted[$index];
                $last = ($step['kind'] ?? StepKind::Hone->value) === StepKind::Hone->value ? $step['stone'] : $last;
            }
        }

        return new CoreEvent(EdgeEntryKind::Honed, $now, strokes: $strokes === 0 ? null : $strokes, recessionMm: is_numeric($recession) ? (float) $recession : null, stone: $last);
    }
}
