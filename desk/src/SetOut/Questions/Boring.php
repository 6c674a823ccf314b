<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Fit\BraceFit;
use JackRest\Core\Fit\BraceFitInput;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Setting\BoreTurns;
use JackRest\Core\Setting\BoreTurnsInput;
use JackRest\Core\Setting\BoreTurnsResult;
use JackRest\Desk\Advice;
use JackRest\Desk\AtBench\StepDrawing;
use JackRest\Desk\AtBench\StepShape;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\View;
use JackRest\Desk\Session\SessionStep;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SetOutAnswer;
use JackRest\Desk\SetOut\SetOutAsk;
use JackRest\Desk\SetOut\SetOutChoice;
use JackRest\Desk\SetOut\ToolSetting;
use JackRest\Desk\SetOut\Typed;

/** Turns of the brace to a depth, or until the screw's tip shows through. */
final readonly class Boring implements SetOutAsk
{
    /** Of an auger bit of middling width; from memory. */
    private const SCREW_MM = 8.0;

    private const LEAD_MM = 1.5;

    public function fields(Hands $hands): array
    {
        $lead = $hands->leadMm ?? $hands->size('leadPitch', 'auger-bits', 'expansive-bit') ?? self::LEAD_MM;

        return [
            new FormField('board', Quantity::Length, 3, 500, 'Board, thickness', expected: 30, begins: 30),
            new FormField('depth', Quantity::Length, 1, 500, 'Depth', 'at the rim', expected: 20, begins: 20,
                when: ['how', 'depth']),
            new FormField('bit', Quantity::Length, 2, 100, 'Bit, diameter', expected: 12, begins: 12),
            new FormField('lead', Quantity::Thickness, 0.3, 6, 'A turn sinks it by',
                $hands->leadMm === null ? 'the lead of its screw' : 'counted with your own bit',
                expected: 1.5, begins: $lead),
            new FormField('screw', Quantity::Length, 0, 40, 'Screw, length', 'tip to spurs', expected: 8,
                begins: self::SCREW_MM),
            new FormField('arc', Quantity::Degrees, 20, 360, 'Room to swing', 'with the ratchet', begins: 360,
                isAside: true),
        ];
    }

    public function choices(Hands $hands): array
    {
        return [new SetOutChoice('how', 'The hole', ['through' => 'goes through', 'depth' => 'stops at a depth'])];
    }

    public function named(): array
    {
        return ['depthMm' => 'depth', 'screwMm' => 'screw', 'throughMm' => 'board'];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $isThrough = $typed->choice('how') === 'through';
        $board = $typed->get('board');
        $hole = (new BoreTurns())(new BoreTurnsInput(
            $typed->get('lead'),
            $typed->get('screw'),
            $isThrough ? null : $typed->get('depth'),
            $isThrough ? $board : null,
            $isThrough ? null : $board,
            $typed->get('arc'),
        ));

        return new SetOutAnswer(
            self::next($hole, $isThrough, $format),
            [self::view($typed, $hole, $isThrough, $format)],
            [
                new ToolSetting('brace', $isThrough ? 'until the tip shows' : 'to the depth', self::turns($hole).
                    ' turns', step: 'bore'),
                ...$hole->secondSideTurns === null
                    ? []
                    : [new ToolSetting('brace', 'from the other side', self::count($hole->secondSideTurns).' turns',
                        step: 'bore')],
            ],
            array_values(array_filter([
                'A turn more or less is '.$format->small(4 * $hole->depthPerQuarterMm).', a quarter turn '.
                    $format->small($hole->depthPerQuarterMm).'; about '.
                    (int) max(1, round($hole->seconds / 60)).' min of turning.',
                self::sweep($typed, $hands, $format),
                $typed->get('arc') < 360 ? "In that corner: {$hole->pulls} pulls with the ratchet." : null,
                $hole->tipComesOut === true
                    ? 'The screw’s tip comes out below, at '.$format->dimension($hole->tipAtMm ?? 0.0).
                        ': a scrap of wood under it, or a shallower hole.'
                    : null,
                'Turns are depth as long as the screw holds: in end grain and very hard wood it can strip, so look '.
                    'before the last turns.',
                'Face and hair clear of the crank, work clamped. These are the usual cautions; local rules and '.
                    'trained teaching come first.',
            ], is_string(...))),
            [],
            [
                new Explanation(
                    'How many turns?',
                    $isThrough ? 'thickness ÷ lead' : '(depth + screw) ÷ lead',
                    $isThrough
                        ? LengthFormatter::decimal($board, 1).' ÷ '.LengthFormatter::decimal($typed->get('lead'), 2)
                        : '('.LengthFormatter::decimal($typed->get('depth'), 1).' + '.
                            LengthFormatter::decimal($typed->get('screw'), 1).') ÷ '.
                            LengthFormatter::decimal($typed->get('lead'), 2),
                    Basis::CommonPractice,
                    'Counted from the screw’s first bite. Count the turns through a scrap of known thickness once, '.
                        'and the lead is your own.',
                ),
            ],
            steps: self::steps($hole, $typed, $isThrough),
        );
    }

    /** Which of the braces at hand turns the bit without strain; null: none hangs here. */
    private static function sweep(Typed $typed, Hands $hands, LengthFormatter $format): ?string
    {
        $braces = $hands->of('brace');
        if ($braces === []) {
            return null;
        }
        $sweeps = array_map(static fn (ToolAtHand $brace): float => $brace->sizes()['sweep'], $braces);
        $fit = (new BraceFit())(new BraceFitInput(
            $typed->get('bit'),
            $hands->hardness,
            $typed->get('lead'),
            sweepsMm: $sweeps,
        ));
        $needed = $format->dimension($fit->sweepNeededMm);

        return max($sweeps) >= $fit->sweepNeededMm
            ? "It takes a sweep of $needed at least; the brace at hand has ".$format->dimension(max($sweeps)).'.'
            : "It takes a sweep of $needed, and the largest here is ".$format->dimension(max($sweeps)).
                ': short pulls, or a smaller bit first.';
    }

    private static function next(BoreTurnsResult $hole, bool $isThrough, LengthFormatter $format): Advice
    {
        $turns = self::turns($hole);

        return $isThrough
            ? new Advice(
                "Turn $turns times, until the screw’s tip shows; then turn the wood over.",
                'From the other side, in that small hole, '.self::count($hole->secondSideTurns ?? 0.0).
                    ' turns more from where the spurs touch: the rims meet clean. The rim stands at '.
                    $format->dimension($hole->rimAtMm ?? 0.0).' when the tip shows.',
            )
            : new Advice(
                "Turn $turns times from the screw’s first bite.",
                'Then the rim is at its depth, and the tip at '.$format->dimension($hole->tipAtMm ?? 0.0).'.',
            );
    }

    /** @return list<SessionStep> */
    private static function steps(BoreTurnsResult $hole, Typed $typed, bool $isThrough): array
    {
        $board = $typed->get('board');
        $sizes = ['bit' => $typed->get('bit'), 'board' => $board, 'screw' => $typed->get('screw')];
        $first = SessionStep::ofCutting(
            'brace',
            'One tap a turn, from the screw’s first bite.',
            max(1, (int) ceil($hole->quarterTurns / 4)),
            'turns',
            $isThrough ? 'the screw’s tip shows below' : 'the rim is at its depth',
            new StepShape(StepDrawing::Hole, [
                ...$sizes,
                'depth' => $isThrough ? $hole->rimAtMm ?? $board : $typed->get('depth'),
            ]),
        );

        return $hole->secondSideTurns === null ? [$first] : [$first, SessionStep::ofCutting(
            'brace, from the other side',
            'The wood turned over, the tip in its small hole.',
            max(1, (int) ceil($hole->secondSideTurns)),
            'turns',
            'the rims meet',
            new StepShape(StepDrawing::Hole, [...$sizes, 'depth' => max(0.0, $board - ($hole->rimAtMm ?? 0.0))]),
        )];
    }

    private static function turns(BoreTurnsResult $hole): string
    {
        return self::count($hole->quarterTurns / 4);
    }

    /** 13¼ */
    private static function count(float $turns): string
    {
        $quarters = (int) round($turns * 4);

        return (intdiv($quarters, 4) > 0 || $quarters === 0 ? (string) intdiv($quarters, 4) : '').['', '¼', '½',
            '¾'][$quarters % 4];
    }

    private static function view(Typed $typed, BoreTurnsResult $hole, bool $isThrough, LengthFormatter $format): View
    {
        $board = $typed->get('board');
        $rim = $isThrough ? ($hole->rimAtMm ?? 0.0) : $typed->get('depth');
        $tip = $isThrough ? $board : ($hole->tipAtMm ?? $rim);
        [$half, $middle] = [max(3.0, min(9.0, $board / 4)), max(30.0, $board)];

        return new View(
            $isThrough ? 'Cut through the hole when the tip shows' : 'Cut through the hole at its depth',
            2 * $middle,
            max($board, $tip),
            [
                Path::closed(
                    [0, 0], [$middle - $half, 0], [$middle - $half, $rim], [$middle + $half, $rim],
                    [$middle + $half, 0], [2 * $middle, 0], [2 * $middle, $board], [0, $board],
                ),
                Path::open([$middle - $half / 3, $rim], [$middle, $tip], [$middle + $half / 3, $rim]),
            ],
            [],
            [
                Dim::down(0, $rim, 2 * $middle, $format->dimension($rim), 'right'),
                Dim::down(0, $board, 0, $format->dimension($board), 'left'),
            ],
        );
    }
}
