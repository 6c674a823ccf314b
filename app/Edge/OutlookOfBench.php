<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use Illuminate\Support\Collection;
use JackRest\Core\Edge\Steel;
use JackRest\Core\EdgeHistory\EdgeForecast;
use JackRest\Core\EdgeHistory\EdgeLifeComparison;
use JackRest\Core\EdgeHistory\Life;
use JackRest\Core\EdgeHistory\Span;

/** What the record of a bench says of all its edges: when each wants honing, and what holds up better. */
final class OutlookOfBench
{
    /** @var Collection<int, Edge> by id */
    public readonly Collection $edges;

    /** @var array<int, EdgeForecast> by edge */
    public readonly array $forecasts;

    /** @var array<int, Life> by edge */
    private readonly array $lives;

    public function __construct(Bench $bench)
    {
        $this->edges = Edge::of($bench)->with('tool')->get()->toBase()->keyBy('id');
        $this->lives = EdgeLives::of($bench);
        $this->forecasts = EdgeForecast::all($this->lives);
    }

    /** @return list<EdgeLifeComparison> steel against steel, and last stone against last stone */
    public function comparisons(): array
    {
        $steels = [];
        $stones = [];
        foreach ($this->lives as $id => $life) {
            $lengths = array_map(static fn (Span $span): float => $span->length, $life->spans);
            $steel = $this->edges[$id]->steel ?? Steel::Unknown;
            if ($steel !== Steel::Unknown) {
                $steels[$life->clock->value][$steel->label()][] = $lengths;
            }
            foreach (self::byStoneBefore($life->spans) as $stone => $after) {
                $stones[$life->clock->value]["an edge finished on the $stone"][] = $after;
            }
        }

        return array_merge(
            ...array_map(EdgeLifeComparison::compare(...), array_values($steels)),
            ...array_map(EdgeLifeComparison::compare(...), array_values($stones)),
        );
    }

    /**
     * A span is owed to the stone of the honing before it.
     *
     * @param  list<Span>  $spans
     * @return array<string, list<float>>
     */
    private static function byStoneBefore(array $spans): array
    {
        $by = [];
        for ($index = 1; $index < count($spans); $index++) {
            if ($spans[$index - 1]->stone !== null) {
                $by[$spans[$index - 1]->stone][] = $spans[$index]->length;
            }
        }

        return $by;
    }
}
