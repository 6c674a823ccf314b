<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Desk\Form\FormField;

/**
 * A kind of reference: what is asked of it, how it is tested, how it is corrected, how it moves with its wood.
 *
 * Sizes are in mm (degrees, counts) by the names of its fields and of the dimensions it was hung up with.
 */
interface TestedReference
{
    /** A pair of winding sticks. */
    public function label(): string;

    /** How it is tested, in a sentence. */
    public function method(): string;

    /** @return array{string, string} what an error above zero means, in the history, and one below */
    public function sides(): array;

    /** @return non-empty-list<FormField|Choice|ReadingList> in the order they are asked */
    public function asks(ReferenceSizes $sizes, LengthFormatter $format): array;

    /** What it is, in a few words beside its name. */
    public function says(ReferenceSizes $sizes, LengthFormatter $format): string;

    public function test(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): TestForm;

    /**
     * What bench mode counted off, for the record.
     *
     * @param  array<string, mixed>  $facts  of the test, as {@see TestForm::facts} left them
     * @param  non-empty-list<array{fromMm: float, toMm: float, counted: int}>  $done  by step
     */
    public function corrected(array $facts, ReferenceSizes $sizes, array $done): Correction;

    /** Whether it is corrected over abrasive paper: metal and stone take no plane. */
    public function isRubbed(ReferenceSizes $sizes): bool;

    /** How it moves with its wood; null: it does not, or nobody knows how to compute it. */
    public function moistureResponse(ReferenceSizes $sizes): ?MoistureResponse;

    /** What moves: the length that is tested, mm. */
    public function movingLengthMm(ReferenceSizes $sizes): float;

    /** @return array<string, float> by which it is drawn small; none: it is drawn by its kind */
    public function outlineSizes(ReferenceSizes $sizes): array;
}
