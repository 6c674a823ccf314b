<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Fit\BladeInKerf;
use JackRest\Core\Fit\KerfBlade;
use JackRest\Core\Fit\KerfFit;
use JackRest\Core\Fit\KerfFitInput;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Fit\Fit;
use JackRest\Desk\Fit\FitResult;
use JackRest\Desk\Fit\FitRow;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** Every fine blade at hand in the kerf of the dovetail saw. */
final readonly class BladeQuestion implements Fit
{
    private const KINDS = ['coping-saw', 'fret-saw'];

    /** What a person without a frame might buy, mm. Common practice. */
    private const USUAL = ['a usual coping blade' => 0.5, 'a fine fret blade' => 0.25];

    public function fields(): array
    {
        return [
            new FormField(
                'plate',
                Quantity::Thickness,
                0.1,
                1.5,
                'plate of the dovetail saw',
                expected: 0.5,
                begins: 0.5,
                step: 0.01,
            ),
            new FormField(
                'set',
                Quantity::Thickness,
                0,
                0.6,
                'its set a side',
                expected: 0.08,
                begins: 0.08,
                step: 0.01,
            ),
            new FormField(
                'bladeSet',
                Quantity::Thickness,
                0,
                0.4,
                'set a side of the blade',
                expected: 0.05,
                begins: 0.05,
                step: 0.01,
            ),
        ];
    }

    public function answer(array $values, Hardness $hardness, array $tools, LengthFormatter $format): FitResult
    {
        $own = array_values(
            array_filter($tools, static fn (ToolAtHand $tool): bool => in_array($tool->kind, self::KINDS, true)),
        );
        $blades = array_map(
            static fn (ToolAtHand $tool): KerfBlade => new KerfBlade(
                $tool->id,
                $tool->sizes()['plate'],
                $values['bladeSet'],
            ),
            $own,
        );
        foreach (self::USUAL as $name => $mm) {
            $blades[] = new KerfBlade($name, $mm, $values['bladeSet']);
        }
        $fit = (new KerfFit())(new KerfFitInput($values['plate'], $values['set'], $blades));
        $names = array_column(array_map(static fn (ToolAtHand $tool): array => [$tool->id, $tool->name], $own), 1, 0);
        $rows = array_map(
            static fn (BladeInKerf $blade): FitRow => new FitRow(
                ucfirst($names[$blade->id] ?? $blade->id),
                $blade->passes,
                $blade->passes ? 'drops in' : 'binds',
                $format->small($blade->overSetMm).
                    ' over its set, '.
                    ($blade->passes
                        ? $format->small($blade->clearanceMm).' to spare'
                        : $format->small(-$blade->clearanceMm).' too thick'),
                ['kerfMm' => $fit->kerfMm, 'overSetMm' => $blade->overSetMm],
                isset($names[$blade->id]) ? (int) $blade->id : null,
            ),
            $fit->blades,
        );
        $passes = array_values(array_filter($rows, static fn (FitRow $row): bool => $row->good));
        $mine = array_values(array_filter($passes, static fn (FitRow $row): bool => $row->toolId !== null));
        [$next, $why] = match (true) {
            $mine !== [] => [
                "{$mine[0]->name}: its blade drops into the kerf.",
                'Turn it at the floor of the kerf and saw along the baseline.',
            ],
            $passes !== [] => [
                'None of your blades; '.lcfirst($passes[0]->name).' would.',
                'Until then start beside the kerf, or chop the waste.',
            ],
            default => ['No blade here passes this kerf.', 'Start beside the kerf, or chop the waste with a chisel.'],
        };

        return new FitResult($rows, new Advice($next, $why), [
            new Explanation(
                'How wide is the kerf?',
                'kerf = plate + 2 · set a side',
                LengthFormatter::decimal($values['plate'], 2).
                    ' + 2 · '.
                    LengthFormatter::decimal($values['set'], 2).
                    ' = '.
                    LengthFormatter::decimal($fit->kerfMm, 2).
                    ' mm',
                Basis::CommonPractice,
                'Plain geometry; measure plate and blade with a caliper.',
            ),
        ]);
    }
}
