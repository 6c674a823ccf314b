<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Setting\ThicknessStage;
use JackRest\Core\Setting\ThicknessStages;
use JackRest\Core\Setting\ThicknessStagesInput;
use JackRest\Core\Timber\Species;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\View;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SetOutAnswer;
use JackRest\Desk\SetOut\SetOutAsk;
use JackRest\Desk\SetOut\SetOutChoice;
use JackRest\Desk\SetOut\ToolSetting;
use JackRest\Desk\SetOut\Typed;

/** A board brought to its thickness in stages, with rests between, so that it moves before the last shaving. */
final readonly class Stages implements SetOutAsk
{
    private const WOOD = 'eastern white pine';

    /** Of wood indoors where no log tells; from memory. */
    private const REST_PCT = 11.0;

    public function fields(Hands $hands): array
    {
        return [
            new FormField('from', Quantity::Length, 3, 300, 'It has', expected: 25, begins: 25, isReading: true),
            new FormField('to', Quantity::Length, 2, 300, 'It should have', expected: 19, begins: 19),
            new FormField('width', Quantity::Length, 10, 1000, 'Board, width', expected: 200, begins: 200),
            new FormField('stages', Quantity::Count, 1, 10, 'Stages', begins: 3),
            new FormField('days', Quantity::Count, 0, 60, 'Days of rest between', begins: 2),
            new FormField('now', Quantity::Percent, 4, 40, 'Moisture now', 'by a meter, or as the yard says',
                begins: 14),
            new FormField('rest', Quantity::Percent, 4, 30, 'Where it will live',
                $hands->shop->nowPct === null ? 'its moisture there' : 'its moisture there; this shop’s, by its log',
                begins: round($hands->shop->nowPct ?? self::REST_PCT, 1)),
            new FormField('pith', Quantity::Length, 5, 2000, 'Middle to pith', 'read on the end grain', expected: 80,
                begins: 80),
            new FormField('shaving', Quantity::Thickness, 0.01, 2, 'A shaving', begins: max(0.15, $hands->shaving()),
                isAside: true),
        ];
    }

    public function choices(Hands $hands): array
    {
        $woods = [self::WOOD => self::WOOD];
        foreach (Species::all() as $wood) {
            $woods[$wood->name] = $wood->name;
        }

        return [new SetOutChoice('wood', 'Wood', $woods)];
    }

    public function named(): array
    {
        return ['stages' => 'stages', 'toMm' => 'to'];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $wood = Species::named($typed->choice('wood')) ?? Species::all()[0];
        $plan = (new ThicknessStages())(new ThicknessStagesInput(
            $typed->get('from'),
            $typed->get('to'),
            $typed->get('width'),
            $typed->whole('stages'),
            $wood->radialPct,
            $wood->tangentialPct,
            $typed->get('now'),
            $typed->get('rest'),
            $typed->get('days'),
            $typed->get('pith'),
            $typed->get('shaving'),
        ));
        $first = $plan->stages[0];
        $days = $typed->whole('days');
        $rests = count($plan->stages) > 1
            ? "Then let it rest $days ".($days === 1 ? 'day' : 'days').' on edge or on stickers, both faces free.'
            : 'In one go: it may move afterwards.';

        return new SetOutAnswer(
            new Advice(
                'Plane to '.$format->small($first->toMm)." today: {$first->shavingsPerFace} shavings off each face.",
                $rests.' It has still '.LengthFormatter::decimal($plan->leftToMovePct, 1).
                    ' per cent of moisture to change when the last stage begins.',
            ),
            [self::view($plan->stages, $typed, $format)],
            array_map(
                static fn (ThicknessStage $stage, int $number): ToolSetting => new ToolSetting(
                    'marking gauge',
                    'stage '.($number + 1).($number === 0 ? ', today' : ', day '.$number * $days),
                    $format->small($stage->toMm),
                    $format->small($stage->toMm),
                    'thickness',
                ),
                $plan->stages,
                array_keys($plan->stages),
            ),
            [
                'After each rest take the cup out first, then go on: '.implode(', ', array_map(
                    static fn (ThicknessStage $stage): string => $format->small($stage->cupMm),
                    array_slice($plan->stages, 0, -1),
                )).(count($plan->stages) > 1 ? ' of cup to expect.' : 'no rest, no cup foretold.'),
                'Tension that sawing released is not in it: where the board did more than foretold, type what it has '.
                    'now and leave more.',
            ],
            [],
            [
                new Explanation(
                    'How much may it cup?',
                    '(width ÷ 2) · atan(width ÷ (2 · pith)) · (C_T − C_R) · Δm',
                    LengthFormatter::decimal($typed->get('width'), 0).' mm wide, pith at '.
                        LengthFormatter::decimal($typed->get('pith'), 0).' mm: '.
                        LengthFormatter::decimal($first->cupMm, 3).' mm in the first rest',
                    Basis::Model,
                    'Polar geometry with the Wood Handbook’s coefficients; how fast the wood follows the air, and the '.
                        '0.3 mm left on each face to flatten, are from memory.',
                ),
            ],
            restDays: count($plan->stages) > 1 ? $days : null,
        );
    }

    /**
     * A staircase: thickness against days.
     *
     * @param  list<ThicknessStage>  $stages
     */
    private static function view(array $stages, Typed $typed, LengthFormatter $format): View
    {
        $from = $typed->get('from');
        $fall = max(0.001, $from - $typed->get('to'));
        // Wide enough for its label, however many there are.
        [$step, $high] = [34.0, 50.0];
        $y = static fn (float $thick): float => ($from - $thick) / $fall * $high;
        $points = [[0.0, 0.0], [$step / 2, 0.0]];
        $dims = [];
        $x = $step / 2;
        foreach ($stages as $number => $stage) {
            $points[] = [$x, $y($stage->toMm)];
            $points[] = [$x + $step, $y($stage->toMm)];
            $dims[] = Dim::across($x, $x + $step, $y($stage->toMm), $format->small($stage->toMm), 'above');
            $since = $number * $typed->whole('days');
            $dims[] = Dim::across($x, $x + $step, $high * 1.2, $number === count($stages) - 1
                ? "day $since on"
                : 'to day '.($since + $typed->whole('days')), 'below');
            $x += $step;
        }

        return new View(
            'Its thickness, stage by stage; a rest between each two',
            $x,
            $high * 1.2,
            [Path::closed(...$points, ...[[$x, $high * 1.2], [0.0, $high * 1.2]])],
            [],
            $dims,
        );
    }
}
