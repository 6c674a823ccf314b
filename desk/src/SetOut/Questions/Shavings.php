<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Setting\ShavingCount;
use JackRest\Core\Setting\ShavingCountInput;
use JackRest\Core\Setting\ShavingCountResult;
use JackRest\Core\Setting\ShavingPack;
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

/** To a size by counted shavings, and when the count is no longer worth trusting. */
final readonly class Shavings implements SetOutAsk
{
    /** How much single shavings of one setting differ; from memory. */
    private const SPREAD_MM = 0.005;

    private const MOST_DRAWN = 40;

    public function fields(Hands $hands): array
    {
        return [
            new FormField('from', Quantity::Thickness, 0.5, 1000, 'It has', expected: 20, begins: 20.5,
                isReading: true),
            new FormField('to', Quantity::Thickness, 0.5, 1000, 'It should have', expected: 20, begins: 20),
            new FormField('pack', Quantity::Thickness, 0.01, 20, 'A pack of shavings', 'pressed flat; else as below',
                isReading: true),
            new FormField('count', Quantity::Count, 1, 100, 'Shavings in the pack', begins: 10),
            new FormField('shaving', Quantity::Thickness, 0.005, 2, 'or one shaving', begins: $hands->shaving()),
            new FormField('tolerance', Quantity::Thickness, 0.005, 5, 'May be off by', expected: 0.1, begins: 0.1),
            new FormField('resolution', Quantity::Thickness, 0, 1, 'The caliper tells apart', begins: 0.02,
                isAside: true),
            new FormField('width', Quantity::Length, 1, 1000, 'Edge, width', 'may be left out', isAside: true),
            new FormField('wide', Quantity::Length, 1, 1000, 'Shaving, width', 'may be left out', isAside: true),
        ];
    }

    public function choices(Hands $hands): array
    {
        return [new SetOutChoice('faces', 'Planed on', ['one' => 'one face', 'both' => 'both faces'])];
    }

    public function named(): array
    {
        return ['fromMm' => 'from', 'shavingMm' => 'shaving'];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $pack = $typed->find('pack');
        $work = (new ShavingCount())(new ShavingCountInput(
            $typed->get('from'),
            $typed->get('to'),
            $pack === null ? $typed->get('shaving') : null,
            $pack === null ? null : new ShavingPack($typed->whole('count'), $pack, $typed->get('resolution')),
            $typed->choice('faces') === 'both' ? 2 : 1,
            self::SPREAD_MM,
            $typed->get('resolution'),
            $typed->get('tolerance'),
            $typed->find('width'),
            $typed->find('wide'),
        ));

        return new SetOutAnswer(
            self::next($work, $typed, $format),
            [self::view($typed, $work, $format)],
            [new ToolSetting('plane', 'a shaving', $format->small($work->shavingMm))],
            array_values(array_filter([
                'It will have '.$format->small($work->reachesMm).' ± '.$format->small($work->expandedUncertaintyMm).'.',
                $work->tiltDeg === null || $work->tiltDeg <= 0
                    ? null
                    : 'The shavings are narrower than the edge: all along one side they tilt it by '.
                        LengthFormatter::decimal($work->tiltDeg, 1).'°. One side, the other, then the middle.',
                'Full-width shavings only: a narrow or broken one does not count. A loose pack reads thick.',
            ])),
            [],
            [
                new Explanation(
                    'How many shavings?',
                    '(it has − it should have) ÷ a shaving',
                    '('.LengthFormatter::decimal($typed->get('from'), 3).' − '.
                        LengthFormatter::decimal($typed->get('to'), 3).') ÷ '.
                        LengthFormatter::decimal($work->shavingMm, 3)." → {$work->shavings}",
                    Basis::CommonPractice,
                    'The doubt by JCGM 100, k = 2; that single shavings differ by '.$format->small(self::SPREAD_MM).
                        ' is from memory.',
                ),
            ],
            steps: self::steps($work, $typed, $format),
        );
    }

    /** @return list<SessionStep> as far as the count can be trusted */
    private static function steps(ShavingCountResult $work, Typed $typed, LengthFormatter $format): array
    {
        $after = $work->measureAfter ?? $work->shavings;
        $count = $after > 0 ? min($after, $work->shavings) : 0;

        return $count === 0 ? [] : [SessionStep::ofCutting(
            'plane',
            'Full-width shavings only; a broken one does not count.',
            $count,
            'shavings',
            'the caliper says '.$format->small($typed->get('from') - $count * $work->shavingMm),
            new StepShape(StepDrawing::Thickness, ['from' => $typed->get('from'), 'to' => $typed->get('to')]),
        )];
    }

    private static function next(ShavingCountResult $work, Typed $typed, LengthFormatter $format): Advice
    {
        $after = $work->measureAfter ?? $work->shavings;
        $faces = count($work->perFace) === 2
            ? ", {$work->perFace[0]} off the one face and {$work->perFace[1]} off the other" : '';
        $many = $work->shavings === 1 ? 'one shaving' : "{$work->shavings} shavings";

        return match (true) {
            $work->shavings === 0 => new Advice('Nothing to take off.', 'It has its size, within a shaving.'),
            $after === 0 => new Advice(
                'Measure finer first.',
                'The caliper alone leaves more doubt than '.$format->small($typed->get('tolerance')).'.',
            ),
            $after < $work->shavings => new Advice(
                "Take $after shavings, then measure again.",
                "$many take it there$faces; from the ".($after + 1).'th on the count is worth less than '.
                    $format->small($typed->get('tolerance')).'.',
            ),
            default => new Advice(
                'Take '."$many$faces.",
                'The count can be trusted to the end: '.$format->small($work->removeMm).' in all.',
            ),
        };
    }

    private static function view(Typed $typed, ShavingCountResult $work, LengthFormatter $format): View
    {
        // Shavings are hairlines beside a board: what comes off is drawn as high as the rest.
        [$wide, $rest, $off] = [120.0, 20.0, $work->shavings === 0 ? 0.0 : 20.0];
        $lines = [];
        $drawn = min($work->shavings, self::MOST_DRAWN);
        for ($line = 1; $line < $drawn; $line++) {
            $lines[] = Path::open([0, $off * $line / $drawn], [$wide, $off * $line / $drawn]);
        }
        $after = $work->measureAfter ?? $work->shavings;
        $mark = $after > 0 && $after < $work->shavings ? $off * $after / $work->shavings : null;

        return new View(
            'What comes off, drawn high; the rest below',
            $wide,
            $rest + $off,
            [Path::box(0, 0, $wide, $rest + $off), Path::open([0, $off], [$wide, $off])],
            $lines,
            array_values(array_filter([
                Dim::down(0, $off, $wide, $format->small($work->removeMm), 'right'),
                $mark === null ? null : Dim::down(0, $mark, 0, "measure after $after", 'left'),
            ])),
        );
    }
}
