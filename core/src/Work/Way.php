<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Basis;
use JackRest\Core\Tool\ToolKinds;

/**
 * One way to do an operation, as the set of kinds of tool it takes.
 *
 * Grades: 5 as good as it gets, 4 good, 3 sound but slow or by eye, 2 makeshift, 1 a last resort. Grades and
 * minutes are from memory: minutes tell ways of one operation apart, on a piece of the usual size.
 */
final readonly class Way
{
    /**
     * @param  list<string>  $kinds  none: it takes no tool of its own
     * @param  float  $minutes  of work on a usual piece, without setting up
     * @param  float  $setUp  minutes to set up before the first piece
     * @param  int  $skill  1 anybody, 2 with practice, 3 a practised hand
     * @param  bool  $guided  held by a fence, a stop or a board; otherwise by hand and eye
     * @param  list<Condition>  $conditions
     */
    public function __construct(
        public array $kinds,
        public int $grade,
        public float $minutes,
        public string $says,
        public float $setUp = 0.0,
        public int $skill = 2,
        public bool $guided = false,
        public array $conditions = [],
        public Basis $basis = Basis::CommonPractice,
    ) {
    }

    /** The tools it takes, by name. */
    public function tools(): string
    {
        return implode(
            ', ',
            array_map(static fn (string $kind): string => ToolKinds::named($kind)->name, $this->kinds),
        );
    }

    /** @return list<Condition> those that look at this kind, or at the work alone */
    public function conditionsOn(?string $kind): array
    {
        return array_values(
            array_filter(
                $this->conditions,
                static fn (Condition $condition): bool => $condition->kind() === $kind,
            ),
        );
    }

    public function allowedBy(Facts $facts): bool
    {
        foreach ($this->conditionsOn(null) as $condition) {
            if (! $condition->holds([], $facts)) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, float>  $sizes */
    public function suits(string $kind, array $sizes, Facts $facts): bool
    {
        foreach ($this->conditionsOn($kind) as $condition) {
            if (! $condition->holds($sizes, $facts)) {
                return false;
            }
        }

        return true;
    }
}
