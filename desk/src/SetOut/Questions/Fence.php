<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Setting\FenceCheck;
use JackRest\Core\Setting\FenceCheckInput;
use JackRest\Core\Setting\FenceCheckResult;
use JackRest\Core\Setting\FenceVerdict;
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

/** Whether a plough's fence is parallel to its skate, measured at both ends. */
final readonly class Fence implements SetOutAsk
{
    /** The turn is drawn so many times larger. */
    private const LARGER = 20.0;

    public function fields(Hands $hands): array
    {
        return [
            new FormField('front', Quantity::Thickness, 0, 300, 'In front', 'skate to fence', expected: 20, begins: 20,
                isReading: true),
            new FormField('rear', Quantity::Thickness, 0, 300, 'Behind', 'skate to fence', expected: 20, begins: 20,
                isReading: true),
            new FormField('length', Quantity::Length, 30, 500, 'Skate, length', 'between the two readings',
                expected: 200, begins: 200),
            new FormField('iron', Quantity::Length, 1, 60, 'Iron, width', expected: 6,
                begins: $hands->size('iron', 'plough-plane') ?? 6),
            new FormField('skate', Quantity::Thickness, 0.5, 20, 'Skate, thickness', expected: 3, begins: 3),
            new FormField('wanted', Quantity::Thickness, 0, 300, 'Wanted', 'fence to iron; may be left out'),
        ];
    }

    public function choices(Hands $hands): array
    {
        return [];
    }

    public function named(): array
    {
        return ['ironFromFrontMm' => 'length'];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $wanted = $typed->find('wanted');
        // The iron stands out a little on both sides of the skate, and a fence is measured from the skate.
        $target = $wanted === null ? null : $wanted + ($typed->get('iron') - $typed->get('skate')) / 2;
        $check = (new FenceCheck())(new FenceCheckInput(
            $typed->get('front'),
            $typed->get('rear'),
            $typed->get('length'),
            $typed->get('iron'),
            $typed->get('skate'),
            null,
            $target,
        ));

        return new SetOutAnswer(
            self::next($check, $format),
            [self::view($typed, $check, $format)],
            $target === null
                ? []
                : [new ToolSetting('plough plane', 'skate to fence, in front and behind', $format->small($target))],
            array_values(array_filter([
                'It is turned by '.LengthFormatter::decimal(abs($check->yawDeg), 2).'°; '.
                    $format->small(max(0.0, $check->clearanceMm ?? 0.0)).
                        ' of room is left beside the skate in its groove.',
                $target === null
                    ? null
                    : 'For '.$format->dimension($wanted ?? 0.0).' to the iron, skate and fence stand '.
                        $format->small($target).' apart.',
            ])),
            [],
            [
                new Explanation(
                    'How far is it turned?',
                    'atan((front − behind) ÷ length)',
                    '('.LengthFormatter::decimal($typed->get('front'), 2).' − '.
                        LengthFormatter::decimal($typed->get('rear'), 2).') ÷ '.
                        LengthFormatter::decimal($typed->get('length'), 0),
                    Basis::CommonPractice,
                    'Geometry; up to '.$format->small(0.1).' of difference is taken for parallel (from memory).',
                ),
            ],
        );
    }

    private static function next(FenceCheckResult $check, LengthFormatter $format): Advice
    {
        $off = $format->small(abs($check->differenceMm));
        $move = static fn (float $mm): string => $format->small(abs($mm)).($mm < 0 ? ' in' : ' out');
        if ($check->moveFrontMm !== null && $check->moveRearMm !== null
            && max(abs($check->moveFrontMm), abs($check->moveRearMm)) >= 0.05) {
            return new Advice(
                "Move the front {$move($check->moveFrontMm)} and the rear {$move($check->moveRearMm)}.",
                'Then measure both ends again.',
            );
        }

        return match ($check->verdict) {
            FenceVerdict::Parallel => new Advice(
                'Parallel: lock it and begin at the far end.',
                "The two ends differ by $off.",
            ),
            FenceVerdict::Binds => new Advice(
                "It binds: turn the fence by $off at one end.",
                'The turned skate is wider than the groove its iron cuts.',
            ),
            FenceVerdict::WideInFront => new Advice("Bring the front in by $off.", 'It is wider there than behind.'),
            FenceVerdict::WideBehind => new Advice("Bring the rear in by $off.", 'It is wider there than in front.'),
        };
    }

    private static function view(Typed $typed, FenceCheckResult $check, LengthFormatter $format): View
    {
        $long = $typed->get('length');
        $mean = $check->meanMm;
        $off = max(-$mean * 0.8, min($mean * 0.8, $check->differenceMm * self::LARGER / 2));
        $skate = $typed->get('skate');
        $high = $skate + $mean * 2 + 10;
        $at = static fn (float $gap): float => $skate + $gap;

        return new View(
            'From above, front at the right; the turn '.(int) self::LARGER.' × larger',
            $long,
            $high,
            [
                Path::box(0, 0, $long, $skate),
                Path::closed(
                    [0, $at($mean - $off)], [$long, $at($mean + $off)], [$long, $at($mean + $off) + 8],
                    [0, $at($mean - $off) + 8],
                ),
            ],
            [],
            [
                Dim::down($skate, $at($mean + $off), $long, $format->small($typed->get('front')), 'right'),
                Dim::down($skate, $at($mean - $off), 0, $format->small($typed->get('rear')), 'left'),
            ],
        );
    }
}
