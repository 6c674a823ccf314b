<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

/** The test before this one, as far as the next can learn from it. */
final readonly class EarlierTest
{
    /**
     * @param  string  $series  which of several edges was tested
     * @param  int|null  $strokes  taken off after it; null: nothing was
     * @param  array<string, mixed>  $facts  as {@see TestForm::facts} and the correction left them
     */
    public function __construct(public float $errorMm, public string $series, public ?int $strokes, public array $facts)
    {
    }
}
