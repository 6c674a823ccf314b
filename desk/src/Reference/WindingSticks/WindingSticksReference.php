<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\WindingSticks;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\TestedReference;
use JackRest\Desk\Reference\TestFields;
use JackRest\Desk\Reference\TypedTest;

/** A pair of winding sticks. Usual sizes and tolerances: common practice, no source. */
final class WindingSticksReference implements TestedReference
{
    public function label(): string
    {
        return 'a pair of winding sticks';
    }

    public function method(): string
    {
        return 'On any board, read twice: the far stick turned end for end between the readings.';
    }

    public function sides(): array
    {
        return ['high at its right end', 'high at its left end'];
    }

    public function asks(ReferenceSizes $sizes, LengthFormatter $format): array
    {
        return self::fields();
    }

    /** @return non-empty-list<FormField> */
    public static function fields(): array
    {
        $gap = 'A reading is far smaller than the sticks are long. Check the unit.';
        $reading = static fn (string $name, string $label, string $hint): FormField => new FormField(
            $name,
            Quantity::Length,
            -100,
            100,
            $label,
            $hint,
            $gap,
            step: 0.25,
            isReading: true,
        );

        return [
            $reading('reading', 'Far stick’s right end higher by', 'use minus if its left end is higher'),
            $reading('turned', 'The same, far stick turned', 'end for end, in the same place'),
            $reading('nearTurned', 'The same, near stick turned too', 'if you want to know that one as well'),
            new FormField(
                'length',
                Quantity::Length,
                50,
                2000,
                'Length of the sticks',
                '',
                'Winding sticks are between 50 mm and 2 m long.',
                begins: 450.0,
                step: 10.0,
            ),
            new FormField(
                'boardWidth',
                Quantity::Length,
                10,
                2000,
                'Width of your boards',
                'the wider, the more of it shows',
                'A board is between 10 mm and 2 m wide.',
                begins: 150.0,
                step: 10.0,
            ),
            TestFields::shaving(0.05),
            TestFields::tolerance('What a stick may be out', 'over its length', 0.3),
        ];
    }

    public function says(ReferenceSizes $sizes, LengthFormatter $format): string
    {
        return $format->dimension($sizes->get('length', 450.0)).' long';
    }

    public function test(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): WindingSticksForm
    {
        return WindingSticksForm::of($typed, $sizes, $format);
    }

    public function corrected(array $facts, ReferenceSizes $sizes, array $done): Correction
    {
        $count = array_sum(array_column($done, 'counted'));
        $where = is_string($facts['where'] ?? null) ? $facts['where'] : 'high end';

        $off = ($count === 1 ? '1 shaving' : "$count shavings")." off the $where";

        return new Correction($count, $off, "Took $off.");
    }

    public function isRubbed(ReferenceSizes $sizes): bool
    {
        return false;
    }

    public function moistureResponse(ReferenceSizes $sizes): MoistureResponse
    {
        return MoistureResponse::Sticks;
    }

    public function movingLengthMm(ReferenceSizes $sizes): float
    {
        return $sizes->get('length', 450.0);
    }

    public function outlineSizes(ReferenceSizes $sizes): array
    {
        return [];
    }
}
