<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** One way to do an operation. Grades: 5 as good as it gets, 4 good, 3 sound but slow or by eye, 2 makeshift. */
final readonly class Way
{
    /** @param  list<string>  $kinds */
    public function __construct(public array $kinds, public int $grade, public string $says)
    {
    }
}
