<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Fit\OwnBite;
use JackRest\Core\Fit\SawFit;
use JackRest\Core\Fit\SawFitInput;
use JackRest\Core\Fit\SawFitResult;
use JackRest\Core\Fit\SawVerdict;
use JackRest\Core\Fit\UsualBite;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Grain;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Advice;
use JackRest\Desk\Count;
use JackRest\Desk\Explanation;
use JackRest\Desk\Fit\Fit;
use JackRest\Desk\Fit\FitResult;
use JackRest\Desk\Fit\FitRow;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** Every saw at hand in one piece of stock, side by side. */
final readonly class SawQuestion implements Fit
{
    /** Saws that are held level under a back, and so stand square to the face. */
    private const BACKED = ['dovetail-saw', 'carcase-saw', 'tenon-saw', 'backed-pull-saw'];

    private const SAW_ANGLE_DEG = [
        'rip-handsaw' => 60.0,
        'crosscut-handsaw' => 45.0,
        'panel-saw' => 45.0,
        'double-edged-pull-saw' => 45.0,
    ];

    /** A stroke uses about four fifths of the teeth. Common practice. */
    public const STROKE = 0.8;

    /** @param  array<int|string, OwnBite>  $ownBites  by tool id */
    public function __construct(private array $ownBites = [])
    {
    }

    public function fields(): array
    {
        return [
            new FormField('thickness', Quantity::Length, 1, 300, 'stock thickness', expected: 22, begins: 22),
            new FormField('depth', Quantity::Length, 1, 1000, 'depth of the cut', expected: 22, begins: 22),
            new FormField(
                'grain',
                Quantity::Teeth,
                Grain::RIP,
                Grain::CROSS,
                'the cut runs',
                expected: Grain::CROSS,
                begins: Grain::CROSS,
            ),
        ];
    }

    /** @param  array{ToolAtHand, SawFitInput, SawFitResult}  $cut */
    private static function suits(array $cut, Grain $grain): bool
    {
        return $cut[2]->verdict->suits() && self::isShapedFor($cut[0], $grain);
    }

    public function answer(array $values, Hardness $hardness, array $tools, LengthFormatter $format): FitResult
    {
        $cuts = [];
        foreach ($tools as $tool) {
            if (isset($tool->sizes()['tpi'])) {
                $input = self::input($tool, $values, $hardness, $this->ownBites[$tool->id] ?? null);
                $cuts[] = [$tool, $input, (new SawFit())($input)];
            }
        }
        $grain = $values['grain'] === Grain::RIP ? Grain::Along : Grain::Across;
        $suits = static function (array $cut) use ($grain): bool {
            /** @var array{ToolAtHand, SawFitInput, SawFitResult} $cut */
            return self::suits($cut, $grain);
        };
        usort(
            $cuts,
            static fn (array $a, array $b): int => [
                ! $suits($a),
                $a[2]->verdict !== SawVerdict::Good,
                $a[2]->strokes,
            ] <=> [! $suits($b), $b[2]->verdict !== SawVerdict::Good, $b[2]->strokes],
        );
        $rows = array_map(fn (array $cut): FitRow => $this->row($cut[0], $cut[2], $grain, $format), $cuts);
        $best = $cuts[0] ?? null;
        [$next, $why] = match (true) {
            $best === null => ['No saw hangs here yet.', 'Add one to the board, and it is compared here.'],
            ! $suits($best) => ['None of your saws suits this cut.', ucfirst($rows[0]->says).'.'],
            default => [
                "Take the {$best[0]->name}: about ".Count::of($best[2]->strokes, 'stroke').'.',
                ucfirst($best[2]->reason).
                    ($best[2]->verdict === SawVerdict::Slow
                        ? '. Nothing quicker hangs here.'
                        : '. Fewer strokes are coarser: for a finer wall take the next.'),
            ],
        };

        return new FitResult(
            $rows,
            new Advice($next, $why),
            $best === null ? [] : [$this->how($best[1], $best[2], $format)],
        );
    }

    /** @param  array<string, float>  $values */
    private static function input(ToolAtHand $tool, array $values, Hardness $hardness, ?OwnBite $own): SawFitInput
    {
        $sizes = $tool->sizes();
        $input = new SawFitInput(
            teethPerInch: $sizes['tpi'],
            strokeLengthMm: self::STROKE * $sizes['length'],
            stockThicknessMm: $values['thickness'],
            cutDepthMm: $values['depth'],
            hardness: $hardness,
            sawAngleDeg: self::SAW_ANGLE_DEG[$tool->kind] ?? 90.0,
            depthUnderBackMm: in_array($tool->kind, self::BACKED, true) ? $sizes['depth'] : null,
            plateMm: $sizes['plate'],
            setPerSideMm: $sizes['set'] ?? 0.0,
            biteFactor: $own->factor ?? 1.0,
        );

        return $own === null ? UsualBite::of($input) : $input;
    }

    private function row(ToolAtHand $tool, SawFitResult $cut, Grain $grain, LengthFormatter $format): FitRow
    {
        $own = $this->ownBites[$tool->id] ?? null;
        $tpi = $tool->sizes()['tpi'];
        $shaped = self::isShapedFor($tool, $grain);
        $verdict = match (true) {
            ! $cut->verdict->suits() => str_replace('-', ' ', $cut->verdict->value),
            ! $shaped => 'wanders',
            $cut->verdict === SawVerdict::Slow => 'slow: about '.Count::of($cut->strokes, 'stroke'),
            default => 'about '.Count::of($cut->strokes, 'stroke'),
        };
        $teeth = $shaped
            ? ''
            : ' '.Grain::named($tool->sizes()['cut'] ?? Grain::BOTH)." teeth wander {$grain->value} the grain;";

        return new FitRow(
            $tool->name,
            $cut->verdict->suits() && $shaped,
            $verdict,
            trim(
                $teeth.
                    ' '.
                    LengthFormatter::decimal($tpi, 1).
                    ' teeth, '.
                    LengthFormatter::decimal($tpi + 1, 1).
                    " points per inch; {$cut->reason}; kerf ".
                    $format->small($cut->kerfMm ?? 0.0),
            ),
            [
                'pitchMm' => $cut->pitchMm,
                'kerfLengthMm' => $cut->kerfLengthMm,
                'strokes' => (float) $cut->strokes,
                'depthMm' => $tool->sizes()['depth'] ?? 0.0,
            ],
            (int) $tool->id,
            $own === null
                ? 'the model’s bite (from memory)'
                : 'your own count: '.
                    LengthFormatter::decimal($own->factor, 2).
                    ' times the model, from '.
                    $own->counts.
                    ($own->counts === 1
                        ? ' cut'
                        : ' cuts, '.
                            LengthFormatter::decimal($own->least, 2).
                            ' to '.
                            LengthFormatter::decimal($own->most, 2)),
            LengthFormatter::fixed($cut->teethInCut, 1).' teeth in the kerf',
        );
    }

    private static function isShapedFor(ToolAtHand $tool, Grain $grain): bool
    {
        return $grain->suits($tool->sizes()['cut'] ?? Grain::BOTH);
    }

    private function how(SawFitInput $input, SawFitResult $cut, LengthFormatter $format): Explanation
    {
        return new Explanation(
            'How many strokes?',
            'strokes = depth ÷ (bite of a tooth × stroke ÷ pitch); bite = the least of what force gives '
                .'(B·pitch/kerf length), what the gullet holds, and what a hand drives through in one stroke',
            LengthFormatter::decimal($input->cutDepthMm, 1).
                ' ÷ ('.
                LengthFormatter::decimal($cut->bitePerToothMm, 4).
                ' × '.
                LengthFormatter::decimal($input->strokeLengthMm, 0).
                ' ÷ '.
                LengthFormatter::decimal($cut->pitchMm, 2).
                ') → '.
                $cut->strokes.
                ', limited by '.
                $cut->limit->value,
            Basis::Model,
            'From memory. Count your own strokes through a cut and the saw’s own factor replaces it.',
        );
    }
}
