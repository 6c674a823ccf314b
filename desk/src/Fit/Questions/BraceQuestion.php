<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Fit\BraceFit;
use JackRest\Core\Fit\BraceFitInput;
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

/** Every brace at hand with one bit. */
final readonly class BraceQuestion implements Fit
{
    /** Sweeps that braces are usually had in, mm. Common practice. */
    private const USUAL = [200.0, 250.0, 300.0, 350.0];

    public function fields(): array
    {
        return [
            new FormField('diameter', Quantity::Length, 3, 100, 'diameter of the bit', expected: 20, begins: 20),
            new FormField(
                'lead',
                Quantity::Thickness,
                0.5,
                5,
                'pitch of its lead screw',
                expected: 1.5,
                begins: 1.5,
                step: 0.01,
            ),
        ];
    }

    public function answer(array $values, Hardness $hardness, array $tools, LengthFormatter $format): FitResult
    {
        $own = array_values(array_filter($tools, static fn (ToolAtHand $tool): bool => $tool->kind === 'brace'));
        $sweeps =
            $own === [] ? self::USUAL : array_map(static fn (ToolAtHand $tool): float => $tool->sizes()['sweep'], $own);
        $input = new BraceFitInput($values['diameter'], $hardness, $values['lead'], sweepsMm: $sweeps);
        $fit = (new BraceFit())($input);
        $rows = [];
        foreach ($fit->braces as $index => $brace) {
            $rows[] = new FitRow(
                isset($own[$index]) ? $own[$index]->name : 'brace, '.$format->dimension($brace->sweepMm).' sweep',
                $brace->turns,
                $brace->turns ? 'turns it' : 'too short a sweep',
                'about '.LengthFormatter::decimal($brace->forceN, 0).' N at the handle',
                ['sweepMm' => $brace->sweepMm, 'forceN' => $brace->forceN, 'diameterMm' => $values['diameter']],
                isset($own[$index]) ? (int) $own[$index]->id : null,
            );
        }
        usort(
            $rows,
            static fn (FitRow $a, FitRow $b): int => [! $a->good, $a->draw['sweepMm']] <=> [
                ! $b->good,
                $b->draw['sweepMm'],
            ],
        );
        $needed = $format->dimension($fit->sweepNeededMm);
        [$next, $why] = match (true) {
            $own === [] => ["A sweep of $needed turns it.", 'No brace hangs here yet; the usual sweeps are compared.'],
            $rows[0]->good => [
                "The {$rows[0]->name} turns it.",
                "A sweep of $needed is enough in this wood; a longer one is easier and needs more room.",
            ],
            default => ["None of yours: it takes a sweep of $needed.", 'Bore in stages, or with a battery drill.'],
        };

        return new FitResult($rows, new Advice($next, $why), [
            new Explanation(
                'How long a sweep?',
                'sweep = 2 · torque ÷ hand’s force; torque = c · diameter² · feed a turn',
                '2 · '.
                    LengthFormatter::decimal($fit->torqueNm, 1).
                    ' N·m ÷ '.
                    LengthFormatter::decimal($input->handForceN, 0).
                    ' N = '.
                    LengthFormatter::decimal($fit->sweepNeededMm, 0).
                    ' mm',
                Basis::Model,
                'Constants from memory; blunt spurs take more.',
            ),
        ]);
    }
}
