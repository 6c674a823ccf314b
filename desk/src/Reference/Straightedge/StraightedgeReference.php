<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Straightedge;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Truing\StraightedgeMethod;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Reference\Choice;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\PlaningStep;
use JackRest\Desk\Reference\ReadingList;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\TestedReference;
use JackRest\Desk\Reference\TestFields;
use JackRest\Desk\Reference\TypedTest;

/** A straightedge, tested against itself or on a trusted flat. */
final class StraightedgeReference implements TestedReference
{
    /** Places that a test begins with; a user puts in more or others. */
    private const PLACES = 5;

    private const MOST_PLACES = 40;

    public function label(): string
    {
        return 'a straightedge';
    }

    public function method(): string
    {
        return 'Drawn along, turned over its long axis, drawn along again; or laid on a flat you trust.';
    }

    public function sides(): array
    {
        return ['high in the middle', 'hollow'];
    }

    public function asks(ReferenceSizes $sizes, LengthFormatter $format): array
    {
        $far = ['first' => 'the one drawn first', 'second' => 'the one drawn second'];

        return [
            new Choice(
                'farLine',
                'In the middle, the far line is',
                $far,
                'the one away from you',
                isReading: true,
                when: ['against', 'reversal'],
            ),
            new ReadingList(
                'at',
                'Place #',
                'place, from the left end',
                self::places($sizes, $format),
                5.0,
                self::MOST_PLACES,
            ),
            new ReadingList('gap', 'Gap at place #', 'gap', ['0', '', '', '', '0'], null, self::MOST_PLACES),
            new Choice('against', 'Tested against', self::methods()),
            new FormField(
                'flatTo',
                Quantity::Length,
                0,
                5,
                'The flat is true to',
                'what you know of it, or were told',
                'A flat that is trusted is true to less than 5 mm.',
                begins: 0.02,
                step: 0.01,
                when: ['against', 'flat'],
            ),
            TestFields::lineWidth(0.05, ['against', 'reversal']),
            TestFields::shaving(0.05),
            TestFields::tolerance('Tolerance', '', 0.1),
            new FormField(
                'height',
                Quantity::Length,
                1,
                2000,
                'Height of the wood',
                'at its lowest place',
                'The wood is between 1 mm and 2 m high.',
                step: 0.5,
            ),
            new FormField(
                'least',
                Quantity::Length,
                0,
                2000,
                'Least height',
                'lower than this you make a new one',
                'The least height is less than 2 m.',
            ),
        ];
    }

    public function says(ReferenceSizes $sizes, LengthFormatter $format): string
    {
        $height = $sizes->find('height');

        return $format->dimension($sizes->get('length')).
            ' long'.
            ($height === null ? '' : ", {$format->dimension($height)} high");
    }

    public function test(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): StraightedgeForm
    {
        return StraightedgeForm::of($typed, $sizes, $format);
    }

    public function corrected(array $facts, ReferenceSizes $sizes, array $done): Correction
    {
        /** @var list<int|float> $stations */
        $stations = $facts['stationsMm'] ?? [];
        $shavings = PlaningStep::shavings($done, array_map(floatval(...), $stations));
        $height = $sizes->find('height');
        $lower = $height === null ? [] : ['height' => $height - max([0, ...$shavings]) * $sizes->get('shaving')];

        return StraightedgeForm::planed(array_sum(array_column($done, 'counted')), $lower, $shavings);
    }

    public function isRubbed(ReferenceSizes $sizes): bool
    {
        return false;
    }

    public function moistureResponse(ReferenceSizes $sizes): MoistureResponse
    {
        return MoistureResponse::Straight;
    }

    public function movingLengthMm(ReferenceSizes $sizes): float
    {
        return $sizes->get('length');
    }

    public function outlineSizes(ReferenceSizes $sizes): array
    {
        return [];
    }

    /** @return list<string> */
    private static function places(ReferenceSizes $sizes, LengthFormatter $format): array
    {
        $length = $sizes->get('length', 900.0);

        return array_map(
            static fn (int $place): string => $format->typed(round(($length * $place) / (self::PLACES - 1))),
            range(0, self::PLACES - 1),
        );
    }

    /** @return non-empty-array<string, string> */
    private static function methods(): array
    {
        $methods = [];
        foreach (StraightedgeMethod::cases() as $method) {
            $methods[$method->value] = $method->label();
        }

        return $methods;
    }
}
