<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\SlopeTemplate;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\TestedReference;
use JackRest\Desk\Reference\TestFields;
use JackRest\Desk\Reference\TypedTest;

/** A bevel or dovetail template. Usual sizes and tolerances: common practice, no source. */
final class SlopeTemplateReference implements TestedReference
{
    private const USUAL_SLOPE = 7.0;

    private const USUAL_RUN_MM = 70.0;

    public function label(): string
    {
        return 'a bevel or dovetail template';
    }

    public function method(): string
    {
        return 'Drawn along both ways round: the mean is its slope, half the difference its own lean.';
    }

    public function sides(): array
    {
        return ['too steep', 'too flat'];
    }

    public function asks(ReferenceSizes $sizes, LengthFormatter $format): array
    {
        return self::fields();
    }

    /** @return non-empty-list<FormField> */
    public static function fields(): array
    {
        $lean = 'A line leans between 0.1 and 500 mm.';
        $slope = 'A slope is between 1 in 0.2 and 1 in 60, 79° and 1°.';

        return [
            new FormField(
                'rise',
                Quantity::Length,
                0.1,
                500,
                'The line leans by',
                'over the length below',
                $lean,
                step: 0.1,
                isReading: true,
            ),
            new FormField(
                'turned',
                Quantity::Length,
                0.1,
                500,
                'Turned over, it leans by',
                'the other way round',
                $lean,
                step: 0.1,
                isReading: true,
            ),
            new FormField(
                'run',
                Quantity::Length,
                5,
                1000,
                'Length of the line',
                'square across the edge',
                'Measure along 5 mm to 1 m.',
                begins: self::USUAL_RUN_MM,
            ),
            new FormField(
                'nominal',
                Quantity::Slope,
                0.2,
                60,
                'Slope it should have',
                '1 in so many, such as 7, or 45°',
                $slope,
                begins: self::USUAL_SLOPE,
            ),
            new FormField(
                'thickness',
                Quantity::Length,
                1,
                200,
                'Thickness of the board',
                '',
                'A board is between 1 and 200 mm thick.',
                begins: 22.0,
                step: 0.5,
            ),
            new FormField(
                'joints',
                Quantity::Count,
                1,
                200,
                'Tails in a row',
                '',
                'Between 1 and 200 joints stand in a row.',
                begins: 8.0,
            ),
            TestFields::tolerance('Tolerance on one tail', '', 0.1),
        ];
    }

    public function says(ReferenceSizes $sizes, LengthFormatter $format): string
    {
        return '1 in '.LengthFormatter::decimal($sizes->get('nominal', self::USUAL_SLOPE), 2);
    }

    public function test(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): SlopeTemplateForm
    {
        return SlopeTemplateForm::of($typed, $sizes, $format);
    }

    public function corrected(array $facts, ReferenceSizes $sizes, array $done): Correction
    {
        $count = array_sum(array_column($done, 'counted'));
        $where = is_string($facts['where'] ?? null) ? $facts['where'] : 'slope';

        $off = ($count === 1 ? '1 stroke' : "$count strokes")." off the $where";

        return new Correction($count, $off, "Took $off.");
    }

    public function isRubbed(ReferenceSizes $sizes): bool
    {
        return false;
    }

    public function moistureResponse(ReferenceSizes $sizes): MoistureResponse
    {
        return MoistureResponse::Slope;
    }

    public function movingLengthMm(ReferenceSizes $sizes): float
    {
        return $sizes->get('run', self::USUAL_RUN_MM);
    }

    public function outlineSizes(ReferenceSizes $sizes): array
    {
        return [];
    }
}
