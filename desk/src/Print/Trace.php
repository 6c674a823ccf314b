<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

use JackRest\Core\Outline\Path;

/** A path to trace or cut along, and what it belongs to. */
final readonly class Trace implements Mark
{
    /** @param  string  $of  a word by which all traces of one thing are known in the file */
    public function __construct(public Path $path, public string $of, public float $widthMm = 0.25)
    {
    }

    /** @return list<Line> its chords */
    public function lines(): array
    {
        $lines = [];
        foreach ([$this->path->points, ...$this->path->holes] as $points) {
            $ends = $this->path->isClosed ? [...array_slice($points, 1), $points[0]] : array_slice($points, 1);
            foreach ($ends as $index => $end) {
                $lines[] = new Line(
                    (float) $points[$index][0],
                    (float) $points[$index][1],
                    (float) $end[0],
                    (float) $end[1],
                    $this->widthMm,
                );
            }
        }

        return $lines;
    }
}
