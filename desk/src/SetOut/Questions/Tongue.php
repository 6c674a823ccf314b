<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Basis;
use JackRest\Core\MarkingOut\TongueAndGroove;
use JackRest\Core\MarkingOut\TongueAndGrooveInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Timber\Species;
use JackRest\Core\Timber\WoodMovement;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\View;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SetOutAnswer;
use JackRest\Desk\SetOut\SetOutAsk;
use JackRest\Desk\SetOut\ToolSetting;
use JackRest\Desk\SetOut\Typed;

/** A panel of boards tongued and grooved with a matched pair. */
final readonly class Tongue implements SetOutAsk
{
    private const WOOD = 'eastern white pine';

    public function fields(Hands $hands): array
    {
        $pair = $hands->size('board', 'match-planes');

        return [
            new FormField('panel', Quantity::Length, 20, 10000, 'Panel, width', expected: 400, begins: 400),
            new FormField('board', Quantity::Length, 10, 1000, 'A board with its tongue', expected: 100, begins: 100),
            new FormField('stock', Quantity::Length, 3, 100, 'Boards, thickness', expected: 20, begins: $pair ?? 20),
            new FormField('pair', Quantity::Length, 3, 100, 'The pair is made for', expected: 20, begins: $pair ?? 20),
            new FormField('tongue', Quantity::Length, 1, 30, 'Tongue, thickness', expected: 6, begins: 6),
            new FormField('long', Quantity::Length, 1, 30, 'Tongue, length', expected: 6, begins: 6),
            new FormField('swell', Quantity::Percent, 0, 10, 'May still swell', self::isLogged($hands)
                ? 'per cent; from now to this shop’s wettest, flatsawn pine'
                : 'per cent of the width', begins: self::swellPct($hands)),
        ];
    }

    private static function isLogged(Hands $hands): bool
    {
        return $hands->shop->nowPct !== null && $hands->shop->mostPct !== null;
    }

    /** From the moisture of today to the wettest of the logged year; without a log a usual per cent, from memory. */
    private static function swellPct(Hands $hands): float
    {
        $pine = Species::named(self::WOOD);
        if (! self::isLogged($hands) || $pine === null) {
            return 1.0;
        }
        $rise = max(0.0, (float) $hands->shop->mostPct - (float) $hands->shop->nowPct);

        return round(100 * WoodMovement::coefficient($pine->tangentialPct) * $rise, 2);
    }

    public function choices(Hands $hands): array
    {
        return [];
    }

    public function named(): array
    {
        return [
            'tongueMm' => 'tongue', 'stockMm' => 'stock', 'tongueLongMm' => 'long', 'swellPct' => 'swell',
        ];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $stock = $typed->get('stock');
        $panel = (new TongueAndGroove())(new TongueAndGrooveInput(
            $typed->get('panel'),
            $typed->get('board'),
            $stock,
            $typed->get('pair'),
            $typed->get('tongue'),
            $typed->get('long'),
            $typed->get('swell'),
        ));
        $gap = $format->small($panel->gapMm);
        $off = abs($panel->offCentreMm);

        return new SetOutAnswer(
            new Advice(
                $panel->boards === 1 ? 'One board is enough.'
                    : "Get out {$panel->boards} boards; leave $gap at each joint.",
                'The last one shows '.$format->dimension($panel->lastFaceMm).', the others '.
                    $format->dimension($panel->faceMm).'. A strip as thick as the gap, laid in while it is nailed or '.
                    'clamped, keeps it even.',
            ),
            [self::view($typed, $panel->tongueFromFaceMm, $panel->gapMm, $format)],
            [
                new ToolSetting('tongue-and-groove pair', 'from the face side of every board', 'as it is made',
                    step: 'tongue-and-groove'),
                new ToolSetting('strip between the boards', 'gap at each joint', $gap),
            ],
            array_values(array_filter([
                'From the face side '.$format->dimension($panel->tongueFromFaceMm).', behind the groove '.
                    $format->dimension($panel->wallBehindMm).' of wall.',
                $off < 0.05
                    ? 'The tongue lies in the middle.'
                    : 'The tongue lies '.$format->dimension($off).' off the middle, toward '.
                        ($panel->offCentreMm > 0 ? 'the face side' : 'the back').': always plane from the face side.',
                $panel->lastFaceMm < $panel->faceMm / 2
                    ? 'The last board is narrow: make all of them a little narrower, or let the first and the last '.
                        'share the difference.'
                    : null,
            ])),
            [],
            [
                new Explanation(
                    'How many boards?',
                    '(panel + gap) ÷ (face + gap), rounded up',
                    '('.LengthFormatter::decimal($typed->get('panel'), 1).
                        ' + '.LengthFormatter::decimal($panel->gapMm, 2).
                        ') ÷ ('.LengthFormatter::decimal($panel->faceMm, 1).' + '.
                        LengthFormatter::decimal($panel->gapMm, 2).") → {$panel->boards}",
                    Basis::CommonPractice,
                    'Geometry; how much boards still swell is yours to say: Wood, under True, computes it.',
                ),
            ],
        );
    }

    private static function view(Typed $typed, float $from, float $gap, LengthFormatter $format): View
    {
        [$stock, $tongue, $long] = [$typed->get('stock'), $typed->get('tongue'), $typed->get('long')];
        $side = max(30.0, 2 * $stock);
        $x = $side + $gap;

        return new View(
            'Two boards, cut across the joint; the face side is above',
            2 * $side + $gap,
            $stock,
            [
                Path::closed(
                    [0, 0], [$side, 0], [$side, $from], [$side + $long, $from], [$side + $long, $from + $tongue],
                    [$side, $from + $tongue], [$side, $stock], [0, $stock],
                ),
                Path::closed(
                    [$x, 0], [$x + $side, 0], [$x + $side, $stock], [$x, $stock], [$x, $from + $tongue],
                    [$x + $long + $gap, $from + $tongue], [$x + $long + $gap, $from], [$x, $from],
                ),
            ],
            [],
            [
                Dim::down(0, $from, 0, $format->dimension($from), 'left'),
                Dim::down($from + $tongue, $stock, 2 * $side + $gap, $format->dimension($stock - $from - $tongue),
                    'right'),
            ],
        );
    }
}
