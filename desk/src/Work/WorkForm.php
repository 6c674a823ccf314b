<?php

declare(strict_types=1);

namespace JackRest\Desk\Work;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Hardness;
use JackRest\Core\Work\Measure;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Task;
use JackRest\Desk\Measure\Figure;

/** A work as far as it has been described: its numbers, and the tasks it expands to. */
final readonly class WorkForm
{
    /** Must be less than the board is thick, or they go right through. */
    private const INSIDE = ['rebate' => 'The rebate', 'groove' => 'The groove', 'mortise' => 'The mortise'];

    /**
     * @param  array<string, Figure>  $figures  by measure
     * @param  array<string, float>  $measures  read where they were typed, else usual
     * @param  list<Task>  $tasks
     */
    private function __construct(public Pattern $pattern, public array $figures, public array $measures, public array $tasks)
    {
    }

    /** @param  array<string, string>  $typed  by measure */
    public static function of(Pattern $pattern, array $typed, Hardness $hardness, LengthFormatter $format): self
    {
        $figures = $measures = [];
        foreach ($pattern->measures as $measure) {
            $figures[$measure->name] = Figure::of($typed[$measure->name] ?? '', $measure->isLength ? DimensionUnit::Length : DimensionUnit::Count, $format, $measure->usual)->within($measure->least, $measure->most, self::range($measure, $format));
            $measures[$measure->name] = $figures[$measure->name]->value ?? $measure->usual;
        }
        foreach (self::INSIDE as $name => $called) {
            if (isset($measures[$name], $measures['thickness']) && $measures[$name] >= $measures['thickness']) {
                $figures[$name] = $figures[$name]->refused("$called must be less than the {$format->dimension($measures['thickness'])} of the board.");
                $measures[$name] = min($pattern->measure($name)->usual ?? 1.0, $measures['thickness'] / 2);
            }
        }

        return new self($pattern, $figures, $measures, $pattern->tasks($measures, $hardness));
    }

    public function isSound(): bool
    {
        return array_filter($this->figures, static fn (Figure $figure): bool => $figure->error !== null) === [];
    }

    private static function range(Measure $measure, LengthFormatter $format): string
    {
        $range = $measure->isLength
            ? $format->dimension($measure->least).' to '.$format->dimension($measure->most)
            : LengthFormatter::decimal($measure->least, 0).' to '.LengthFormatter::decimal($measure->most, 0);

        return ucfirst("{$measure->label}: $range.");
    }
}
