<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Square;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Reference\Choice;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\ReadingList;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\TestedReference;
use JackRest\Desk\Reference\TestFields;
use JackRest\Desk\Reference\TypedTest;

/** A try square, tested against itself by turning it over. */
final class SquareReference implements TestedReference
{
    private const MOST_GAPS = 12;

    public function label(): string
    {
        return 'a square';
    }

    public function method(): string
    {
        return 'Two lines knifed from one foot, the square turned over between them.';
    }

    public function sides(): array
    {
        return ['toward the stock', 'away from it'];
    }

    public function asks(ReferenceSizes $sizes, LengthFormatter $format): array
    {
        return [
            self::length($sizes->get('blade', 200.0), $format),
            new ReadingList(
                'farGaps',
                'Gap at the tip, reading #',
                'Gap between the lines at the tip',
                [''],
                null,
                self::MOST_GAPS,
            ),
            new Choice(
                'leftLine',
                'At the tip, the line knifed first is',
                ['first' => 'the left one', 'second' => 'the right one'],
                isReading: true,
            ),
            TestFields::lineWidth(0.1, isAside: false),
            self::nearGap($sizes->get('blade', 200.0)),
            new Choice('edge', 'Edge of the blade', ['outer' => 'outer', 'inner' => 'inner']),
            new Choice('blade', 'Blade', ['wood' => 'wood', 'metal' => 'metal']),
            TestFields::shaving(0.05),
            TestFields::tolerance('Tolerance', '', 0.1),
            self::workWidth(),
            new FormField(
                'bladeWidth',
                Quantity::Length,
                1,
                300,
                'Width of the blade',
                'each shaving makes it narrower',
                'A blade is between 1 and 300 mm wide.',
                step: 0.1,
            ),
            new FormField(
                'least',
                Quantity::Length,
                0,
                300,
                'Least width',
                'narrower than this you make a new one',
                'The least width is less than 300 mm.',
            ),
        ];
    }

    public function says(ReferenceSizes $sizes, LengthFormatter $format): string
    {
        return 'blade '.
            $format->dimension($sizes->get('blade')).
            ', stock '.
            $format->dimension($sizes->get('stock'));
    }

    public function test(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): SquareForm
    {
        return SquareForm::of($typed, $sizes, $format);
    }

    public function corrected(array $facts, ReferenceSizes $sizes, array $done): Correction
    {
        $count = array_sum(array_column($done, 'counted'));
        $end = is_string($facts['end'] ?? null) ? $facts['end'] : 'tip';

        return SquareForm::shaved($count, $end, $sizes->get('bladeWidth') - $count * $sizes->get('shaving'));
    }

    public function isRubbed(ReferenceSizes $sizes): bool
    {
        return ($sizes->choices['blade'] ?? 'wood') === 'metal';
    }

    public function moistureResponse(ReferenceSizes $sizes): ?MoistureResponse
    {
        return ($sizes->choices['blade'] ?? 'wood') === 'metal' ? null : MoistureResponse::Square;
    }

    public function movingLengthMm(ReferenceSizes $sizes): float
    {
        return $sizes->get('length', $sizes->get('blade'));
    }

    public function outlineSizes(ReferenceSizes $sizes): array
    {
        $outline = [];
        foreach (['blade', 'bladeWidth', 'stock', 'stockWidth'] as $name) {
            $outline[$name] = $sizes->get($name);
        }

        return $outline;
    }

    private static function length(float $bladeMm, LengthFormatter $format): FormField
    {
        $complaint = "The blade is {$format->dimension($bladeMm)} long: test along 10 mm or more of it.";

        return new FormField(
            'length',
            Quantity::Length,
            10,
            $bladeMm,
            'Line knifed, from the edge up',
            '',
            $complaint,
            begins: $bladeMm,
            isAside: false,
        );
    }

    /** The gap where the line begins, if the feet of both lines did not meet. */
    private static function nearGap(float $bladeMm): FormField
    {
        return new FormField(
            'nearGap',
            Quantity::Length,
            -$bladeMm / 2,
            $bladeMm / 2,
            'Gap at the foot',
            'if the feet did not meet',
            SquareForm::FAR_TOO_WIDE,
            step: 0.05,
            isReading: true,
            isAside: true,
        );
    }

    private static function workWidth(): FormField
    {
        $complaint = 'Work marked with a square is between 1 and 5000 mm wide.';

        return new FormField(
            'workWidth',
            Quantity::Length,
            1,
            5000,
            'Width of the work',
            'what a shoulder or a side measures',
            $complaint,
            step: 10.0,
        );
    }
}
