<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Fit\SoleFit;
use JackRest\Core\Fit\SoleFitInput;
use JackRest\Core\Fit\SoleVerdict;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Fit\Fit;
use JackRest\Desk\Fit\FitResult;
use JackRest\Desk\Fit\FitRow;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** Every bench plane at hand on one board. */
final readonly class SoleQuestion implements Fit
{
    /** The last strokes of jointing, mm: with them a sole joints up to twice its own length. Common practice. */
    private const FINEST_MM = 0.025;

    public function fields(): array
    {
        return [
            new FormField('length', Quantity::Length, 50, 5000, 'length of the board', expected: 900, begins: 900),
            new FormField(
                'tolerance',
                Quantity::Thickness,
                0.01,
                5,
                'how straight it must be',
                expected: 0.15,
                begins: 0.15,
                step: 0.01,
            ),
            new FormField(
                'shaving',
                Quantity::Thickness,
                0.005,
                0.5,
                'finest shaving',
                expected: self::FINEST_MM,
                begins: self::FINEST_MM,
                step: 0.005,
            ),
        ];
    }

    public function answer(array $values, Hardness $hardness, array $tools, LengthFormatter $format): FitResult
    {
        $boards = [];
        foreach ($tools as $tool) {
            $sole = $tool->sizes()['length'] ?? 0.0;
            if (ToolKinds::named($tool->kind)->group === Group::BenchPlanes && isset($tool->sizes()['bed'])) {
                $boards[] = [
                    $tool,
                    (new SoleFit())(
                        new SoleFitInput($sole, $values['length'], $values['shaving'], $values['tolerance']),
                    ),
                    $sole,
                ];
            }
        }
        usort(
            $boards,
            static fn (array $a, array $b): int => [
                $a[1]->verdict !== SoleVerdict::Good,
                $a[1]->verdict === SoleVerdict::Good ? $a[2] : -$a[2],
            ] <=> [$b[1]->verdict !== SoleVerdict::Good, $b[1]->verdict === SoleVerdict::Good ? $b[2] : -$b[2]],
        );
        $needed = (new SoleFit())(
            new SoleFitInput($values['length'], $values['length'], $values['shaving'], $values['tolerance']),
        )->soleNeededMm;
        $rows = array_map(
            static fn (array $board): FitRow => new FitRow(
                $board[0]->name,
                $board[1]->verdict === SoleVerdict::Good,
                $board[1]->verdict === SoleVerdict::Good ? 'long enough' : 'too short',
                'by itself it can leave '.$format->small($board[1]->residualMm).' over the board',
                ['soleMm' => $board[2], 'boardMm' => $values['length'], 'residualMm' => $board[1]->residualMm],
                (int) $board[0]->id,
                caption: 'the hollow it can leave: '.$format->small($board[1]->residualMm).', drawn enlarged',
            ),
            $boards,
        );
        $best = $rows[0] ?? null;
        [$next, $why] = match (true) {
            $best === null => ['No bench plane hangs here yet.', 'Add one to the board, and it is compared here.'],
            $best->good => [
                "The {$best->name} straightens it by itself.",
                "With shavings this fine, a sole of {$format->dimension($needed)} is enough for this board.",
            ],
            default => [
                "Straighten it hump by hump with the {$best->name}, straightedge in hand.",
                "With shavings this fine, only a sole of {$format->dimension($needed)} does it by itself; "
                    .'this one rides into the hollow.',
            ],
        };

        return new FitResult($rows, new Advice($next, $why), [
            new Explanation(
                'How long a sole?',
                'a plane stops cutting when its sole bridges the hollow: sole needed = board · √(shaving ÷ tolerance)',
                LengthFormatter::decimal($values['length'], 0).
                    ' · √('.
                    LengthFormatter::decimal($values['shaving'], 3).
                    ' ÷ '.
                    LengthFormatter::decimal($values['tolerance'], 3).
                    ') = '.
                    LengthFormatter::decimal($needed, 0).
                    ' mm',
                Basis::Model,
                'From memory: the hollow under the sole and that of the whole board have one curve.',
            ),
        ]);
    }
}
