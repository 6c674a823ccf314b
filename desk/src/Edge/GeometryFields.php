<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeKind;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** What can be measured of an edge's geometry, and what of it a kind of edge has. */
final class GeometryFields
{
    private const FIRST = ['bevelLength', 'thickness', 'honed', 'microWidth', 'width'];

    private const BED = ['bed', 'shim', 'reach'];

    private const GRIND = ['wheel', 'honedOff'];

    /** @return list<FormField> in the order they are asked */
    public static function of(Blade $onRecord): array
    {
        $expected = [
            'width' => $onRecord->widthMm,
            'thickness' => $onRecord->thicknessMm,
            'bevelLength' => $onRecord->bevelLengthMm(),
        ];
        $fields = [];
        foreach (self::all() as $field) {
            $fields[$field->name] = $field->expecting($expected[$field->name] ?? null);
        }

        return array_map(static fn (string $name): FormField => $fields[$name], self::names($onRecord->form));
    }

    /** @return list<string> */
    private static function names(EdgeKind $kind): array
    {
        return match ($kind) {
            EdgeKind::PlaneIron => [...self::FIRST, ...self::BED, 'skew', ...self::GRIND, 'relief', 'nick', 'left'],
            EdgeKind::Spokeshave => [...self::FIRST, ...self::BED, ...self::GRIND, 'nick', 'left'],
            EdgeKind::Chisel => [...self::FIRST, 'skew', ...self::GRIND, 'nick', 'left'],
            EdgeKind::Knife => [...self::FIRST, 'skew', 'left'],
            EdgeKind::GaugeWheel => self::FIRST,
            EdgeKind::Drawknife, EdgeKind::Axe, EdgeKind::Gouge => [...self::FIRST, 'nick', 'left'],
        };
    }

    /** @return list<FormField> */
    private static function all(): array
    {
        return [
            new FormField(
                'width',
                Quantity::Length,
                0.5,
                120,
                'Width of the blade',
                '',
                'A blade is between 0.5 and 120 mm wide.',
                step: 0.1,
            ),
            new FormField(
                'thickness',
                Quantity::Length,
                0.3,
                20,
                'Thickness of the blade',
                '',
                'A blade is between 0.3 and 20 mm thick.',
                step: 0.1,
            ),
            new FormField(
                'bevelLength',
                Quantity::Length,
                0.5,
                100,
                'Bevel, edge to heel',
                'along the steel',
                'A bevel is between 0.5 and 100 mm long.',
                step: 0.1,
            ),
            new FormField(
                'honed',
                Quantity::Degrees,
                10,
                80,
                'Honed angle',
                'as your guide or hand sets it',
                'An edge is honed between 10° and 80°.',
                step: 0.5,
            ),
            new FormField(
                'microWidth',
                Quantity::Thickness,
                0,
                20,
                'Secondary bevel, wide',
                '',
                'A secondary bevel is narrower than 20 mm.',
                step: 0.01,
            ),
            new FormField(
                'bed',
                Quantity::Degrees,
                5,
                89,
                'Bed angle',
                '',
                'A bed lies between 5° and 89°.',
                step: 0.5,
            ),
            new FormField(
                'shim',
                Quantity::Thickness,
                0.01,
                5,
                'Thin rule under the back',
                'for a back bevel',
                'The rule under the back is between 0.01 and 5 mm thick.',
                step: 0.01,
            ),
            new FormField(
                'reach',
                Quantity::Length,
                5,
                300,
                'Edge to where it lies',
                'for a back bevel',
                'From the edge to where the iron lies is between 5 and 300 mm.',
                step: 0.1,
            ),
            new FormField(
                'skew',
                Quantity::Degrees,
                0,
                60,
                'Skew of the edge',
                '',
                'A skew is between 0° and 60°.',
                step: 0.5,
            ),
            new FormField(
                'wheel',
                Quantity::Length,
                30,
                600,
                'Ground on a wheel of',
                'diameter; empty for a flat bevel',
                'A wheel is between 30 and 600 mm across.',
                step: 5.0,
            ),
            new FormField(
                'honedOff',
                Quantity::Thickness,
                0,
                5,
                'Honed off the hollow so far',
                '',
                'Between 0 and 5 mm can be honed off.',
                step: 0.01,
            ),
            new FormField(
                'relief',
                Quantity::Thickness,
                0.01,
                10,
                'Corners stand back by',
                'as the wood sees it',
                'A curve stands back between 0.01 and 10 mm at the corners.',
                step: 0.01,
            ),
            new FormField(
                'nick',
                Quantity::Thickness,
                0.001,
                5,
                'A nick, deep',
                '',
                'A nick is between 0.001 and 5 mm deep.',
                step: 0.01,
            ),
            new FormField(
                'left',
                Quantity::Length,
                0,
                200,
                'Blade left',
                'that can still be used up',
                'Between 0 and 200 mm of a blade can be used up.',
                step: 0.1,
            ),
        ];
    }
}
