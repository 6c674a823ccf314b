<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit;

/** One tool in a side-by-side fit: how it does, in words, and the numbers it is drawn by. */
final readonly class FitRow
{
    /**
     * @param  bool  $good  whether it suits
     * @param  array<string, float>  $draw  numbers for the drawing, named with their units
     * @param  int|null  $toolId  the record it stands for, where it is the user's own
     * @param  string|null  $model  whose factor is in use
     * @param  string  $caption  what stands in the drawing
     */
    public function __construct(
        public string $name,
        public bool $good,
        public string $verdict,
        public string $says,
        public array $draw = [],
        public ?int $toolId = null,
        public ?string $model = null,
        public string $caption = '',
    ) {
    }
}
