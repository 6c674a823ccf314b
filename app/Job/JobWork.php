<?php

declare(strict_types=1);

namespace App\Job;

use App\Edge\Edge;
use App\Edge\EdgeAfterEvent;
use App\Edge\EdgeEvent;
use App\Ledger\Changes;
use App\Pace\StepTime;
use App\Tool\Tool;
use App\Tool\ToolUse;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\Job\Honing;
use JackRest\Core\Job\Pace;
use JackRest\Desk\Job\JobStep;

/**
 * What work on a job leaves: parts that are done, the minutes they took, what its edges and tools have done, and edges
 * that were honed.
 */
final readonly class JobWork
{
    /** @var list<JobStep> */
    private array $plan;

    /**
     * @param  array<int, int>  $units  parts that were done, by step
     * @param  array<int, float>  $minutes  that they took, by step; 0: nothing was timed
     */
    public function __construct(private WorkJob $job, private array $units, private array $minutes)
    {
        $this->plan = $job->plan();
    }

    public function write(Changes $changes, string $now): void
    {
        foreach ($this->units as $row => $units) {
            if ($units > 0) {
                $this->keep($changes, $row, $units, $now);
            }
        }
        $this->useEdges($changes, $now);
        $this->useTools($changes, $now);
    }

    /** A time that was taken teaches the pace; taps that came all at once are none. */
    private function keep(Changes $changes, int $row, int $units, string $now): void
    {
        $step = $this->plan[$row];
        $changes->create(StepTime::of($changes->bench), [
            'work_job_id' => $this->job->id,
            'step' => $row,
            'operation' => $step->operation,
            'units' => $units,
            'usual_minutes' => $step->units > 0 ? $step->usual * $units / $step->units : 0.0,
            'minutes' => round($this->minutes[$row] ?? 0.0, 2),
            'timed_at' => $now,
        ]);
    }

    /** Minutes of use go into each edge's own diary, in the order they were worked; a honing renews it. */
    private function useEdges(Changes $changes, string $now): void
    {
        $used = [];
        foreach ($this->units as $row => $units) {
            $step = $this->plan[$row];
            if ($units === 0) {
                continue;
            }
            if ($step->hone !== null) {
                $this->flush($changes, $used, $step->hone, $now);
                $this->honed($changes, $step->hone, $step->honing, $now);
            }
            $planned = $step->each() * $units;
            $minutes = Pace::isTimed($planned, $this->minutes[$row] ?? 0.0) ? $this->minutes[$row] : $planned;
            foreach ($step->edges as $edge => $share) {
                $used[$edge] = ($used[$edge] ?? 0.0) + $share * $minutes;
            }
        }
        foreach (array_keys($used) as $edge) {
            $this->flush($changes, $used, $edge, $now);
        }
    }

    /** @param  array<int, float>  $used  minutes by edge */
    private function flush(Changes $changes, array &$used, int $edge, string $now): void
    {
        $minutes = round($used[$edge] ?? 0.0, 1);
        unset($used[$edge]);
        if ($minutes > 0) {
            $this->enter($changes, $edge, new EdgeEntry(
                EdgeEntryKind::Used,
                $now,
                minutes: $minutes,
                wood: $this->job->work->hardness,
                note: $this->job->name,
            ));
        }
    }

    private function honed(Changes $changes, int $id, ?Honing $took, string $now): void
    {
        $edge = Edge::of($changes->bench)->find($id);
        if ($edge instanceof Edge) {
            $entry = new EdgeEntry(
                EdgeEntryKind::Honed,
                $now,
                strokes: $took?->on === null ? null : $took->paperStrokes,
                recessionMm: $took?->steelMm,
                stone: $took?->on,
                note: $this->job->name,
            );
            $changes->update($edge, EdgeAfterEvent::columns($edge, $entry, []));
            $this->enter($changes, $id, $entry);
        }
    }

    private function enter(Changes $changes, int $id, EdgeEntry $entry): void
    {
        $edge = Edge::of($changes->bench)->find($id);
        if ($edge instanceof Edge) {
            $changes->create($edge->events(), ['bench_id' => $edge->bench_id, ...EdgeEvent::columns($entry)]);
        }
    }

    /** Tools without an edge of their own, each once a day: days with a saw are what its blades are counted by. */
    private function useTools(Changes $changes, string $now): void
    {
        $used = [];
        foreach ($this->units as $row => $units) {
            foreach ($units > 0 ? $this->plan[$row]->used : [] as $tool) {
                $used[$tool] = true;
            }
        }
        foreach (Edge::of($changes->bench)->whereIn('tool_id', array_keys($used))->get() as $edge) {
            unset($used[$edge->tool_id]);
        }
        $today = substr($now, 0, 10);
        foreach (ToolUse::of($changes->bench)->where('used_on', $today)->get() as $use) {
            unset($used[$use->tool_id]);
        }
        foreach (Tool::of($changes->bench)->whereIn('id', array_keys($used))->get() as $tool) {
            $changes->create(ToolUse::of($changes->bench), [
                'tool_id' => $tool->id,
                'work_id' => $this->job->work_id,
                'used_on' => $today,
            ]);
        }
    }
}
