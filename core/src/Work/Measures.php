<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Timber\Hardness;

/** The numbers of one work, with what is usual where none is given. */
final readonly class Measures
{
    /** @var array<string, float> */
    public array $values;

    /**
     * @param  list<Measure>  $measures
     * @param  array<string, float>  $given
     */
    public function __construct(array $measures, array $given, public Hardness $hardness)
    {
        $values = [];
        foreach ($measures as $measure) {
            $values[$measure->name] = $given[$measure->name] ?? $measure->usual;
        }
        $this->values = $values;
    }

    public function get(string $name): float
    {
        return $this->values[$name];
    }
}
