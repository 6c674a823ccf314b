<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Flat;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\ReferenceKind;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\TestedReference;
use JackRest\Desk\Reference\TestFields;
use JackRest\Desk\Reference\TypedTest;

/**
 * A plane's sole, a stone, a board: read line by line under a straightedge. Usual values: common practice, no source.
 */
final class FlatReference implements TestedReference
{
    public function __construct(private readonly ReferenceKind $kind)
    {
    }

    public function label(): string
    {
        return match ($this->kind) {
            ReferenceKind::Sole => 'a plane’s sole',
            ReferenceKind::Stone => 'a stone',
            default => 'a board or shooting board',
        };
    }

    public function method(): string
    {
        return 'A straightedge laid along line after line; the gaps under it give the whole surface.';
    }

    public function sides(): array
    {
        return ['crowned', 'hollow'];
    }

    public function asks(ReferenceSizes $sizes, LengthFormatter $format): array
    {
        return self::fields($this->kind);
    }

    /** @return non-empty-list<FormField> */
    public static function fields(ReferenceKind $kind): array
    {
        return match ($kind) {
            ReferenceKind::Sole => self::flat([250.0, 60.0], 0.05),
            ReferenceKind::Stone => self::flat([200.0, 70.0], 0.05),
            default => self::flat([600.0, 300.0], 0.3, 0.1),
        };
    }

    public function says(ReferenceSizes $sizes, LengthFormatter $format): string
    {
        [$length, $width] = $this->usualMm();

        return $format->dimension($sizes->get('length', $length)).
            ' by '.
            $format->dimension($sizes->get('width', $width));
    }

    public function test(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): FlatForm
    {
        return FlatForm::of($this->kind, $typed, $format);
    }

    public function corrected(array $facts, ReferenceSizes $sizes, array $done): Correction
    {
        $count = array_sum(array_column($done, 'counted'));

        $strokes = $count === 1 ? '1 stroke' : "$count strokes";

        return new Correction($count, "$strokes taken", "Took $strokes.");
    }

    public function isRubbed(ReferenceSizes $sizes): bool
    {
        return $this->kind !== ReferenceKind::Board;
    }

    public function moistureResponse(ReferenceSizes $sizes): ?MoistureResponse
    {
        return null;
    }

    public function movingLengthMm(ReferenceSizes $sizes): float
    {
        return $sizes->get('length', $this->usualMm()[0]);
    }

    public function outlineSizes(ReferenceSizes $sizes): array
    {
        return [];
    }

    /** @return array{float, float} */
    private function usualMm(): array
    {
        [$length, $width] = self::fields($this->kind);

        return [(float) $length->begins, (float) $width->begins];
    }

    /**
     * @param  array{float, float}  $sizesMm  length, width
     * @return non-empty-list<FormField>
     */
    private static function flat(array $sizesMm, float $toleranceMm, ?float $shavingMm = null): array
    {
        return [
            new FormField(
                'length',
                Quantity::Length,
                20,
                5000,
                'Length',
                '',
                'A flat thing is between 20 mm and 5 m long.',
                begins: $sizesMm[0],
                step: 5.0,
            ),
            new FormField(
                'width',
                Quantity::Length,
                10,
                3000,
                'Width',
                '',
                'A flat thing is between 10 mm and 3 m wide.',
                begins: $sizesMm[1],
                step: 5.0,
            ),
            new FormField(
                'along',
                Quantity::Count,
                3,
                9,
                'Places along',
                '3, 5, 7 or 9',
                'Read at 3, 5, 7 or 9 places along.',
                begins: 5.0,
                step: 2.0,
            ),
            new FormField(
                'across',
                Quantity::Count,
                3,
                5,
                'Places across',
                '3 or 5',
                'Read at 3 or 5 places across.',
                begins: 3.0,
                step: 2.0,
            ),
            ...$shavingMm === null ? [] : [TestFields::shaving($shavingMm)],
            TestFields::tolerance('Tolerance', 'between its highest and lowest place', $toleranceMm),
        ];
    }
}
