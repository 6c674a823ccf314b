<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\SlopeTemplate;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\UncertaintyBudget;
use JackRest\Core\Truing\SlopeTemplate;
use JackRest\Core\Truing\SlopeTemplateInput;
use JackRest\Core\Truing\SlopeTemplateResult;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Reference\Correction;
use JackRest\Desk\Reference\PlaningStep;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\TestForm;
use JackRest\Desk\Reference\TypedTest;

/**
 * A slope template laid on a straight edge, a line drawn, turned over, a second line drawn.
 *
 * Both lean by the same when the template's foot is square to its slope both ways: rise/run each way round. The mean is
 * the slope, half the difference the template's own lean. On a board of thickness t a tail's wide end is off by
 * 2·t·(tan α − tan α₀); over n joints at worst n times that, likely √n times. Source: plane geometry.
 */
final readonly class SlopeTemplateForm extends TestForm
{
    /** A line longer than this is drawn by nobody along a template; from memory. */
    private const LONGEST_LINE_MM = 300.0;

    public ?SlopeTemplateResult $slope;

    private function __construct(TypedTest $typed, Form $form, LengthFormatter $format)
    {
        parent::__construct($typed, $form, [], $format);
        $mean = $this->meanRiseMm();
        $run = $this->value('run');
        $this->slope =
            $this->isWrong() || $mean === null || $run === null
                ? null
                : (new SlopeTemplate())(
                    new SlopeTemplateInput(riseMm: $mean, runMm: $run, nominalRatio: $this->value('nominal')),
                );
    }

    public static function of(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): self
    {
        return new self($typed, Form::of(SlopeTemplateReference::fields(), $typed->figures, $format), $format);
    }

    public function errorMm(): ?float
    {
        return $this->tailErrorMm();
    }

    /**
     * A tail's wide end is known as the slope is: u = 2·thickness·√(resolution²/12 ÷ readings)/run. Source: JCGM 100.
     */
    public function budget(): UncertaintyBudget
    {
        [$thickness, $run] = [$this->value('thickness'), $this->value('run')];
        $readings = $this->value('rise') !== null && $this->value('turned') !== null ? 2 : 1;

        return new UncertaintyBudget(
            $thickness === null || $run === null
                ? []
                : ['reading' => (2 * $thickness / $run) ** 2 * $this->resolutionMm ** 2 / 12 / $readings],
        );
    }

    public function strokes(): array
    {
        $advice = $this->next();

        return $advice->takeOff ? [PlaningStep::untilTested($advice->off ?? '', $this->value('run') ?? 0.0)] : [];
    }

    public function correction(): Correction
    {
        return new Correction(0, (string) $this->next()->off, "Took {$this->next()->off}.");
    }

    public function facts(): array
    {
        return ['where' => $this->where((float) $this->tailErrorMm())];
    }

    public function verdict(): ?Verdict
    {
        [$error, $tolerance] = [$this->tailErrorMm(), $this->value('tolerance')];

        return $error === null || $tolerance === null ? null : Verdict::of($error, $this->uncertaintyMm(), $tolerance);
    }

    public function found(): ?string
    {
        return $this->slope === null ? null : 'slopes 1 in '.LengthFormatter::decimal($this->slope->ratio, 2);
    }

    public function standing(): string
    {
        $lean = $this->leanDeg();

        return $this->slope === null
            ? ''
            : '± '.
                    $this->format->small($this->uncertaintyMm()).
                    ' at the wide end of a tail; it slopes 1 in '.
                    LengthFormatter::decimal($this->slope->ratio, 2).
                    ($lean === null ? '.' : ', and leans by '.LengthFormatter::fixed(abs($lean), 2).'° itself.');
    }

    /** How far the two sides of the template differ from their mean, degrees; null: only one is measured. */
    public function leanDeg(): ?float
    {
        [$rise, $turned, $run] = [$this->value('rise'), $this->value('turned'), $this->value('run')];

        return $this->slope === null || $rise === null || $turned === null || $run === null
            ? null
            : (rad2deg(atan($rise / $run)) - rad2deg(atan($turned / $run))) / 2;
    }

    /** How far the wide end of one tail is off, mm; null: thickness or nominal slope is not known. */
    public function tailErrorMm(): ?float
    {
        [$thickness, $nominal] = [$this->value('thickness'), $this->value('nominal')];

        return $this->slope === null || $thickness === null || $nominal === null
            ? null
            : 2 * $thickness * (1 / $this->slope->ratio - 1 / $nominal);
    }

    public function next(): Advice
    {
        if ($this->isWrong()) {
            return Advice::correct();
        }
        if ($this->slope === null) {
            return new Advice(
                'Draw along the template, measure how far the line leans over its length.',
                'Then turn the template over and draw again: both ways round should lean alike.',
            );
        }
        $error = $this->tailErrorMm();
        $joints = (int) max(1, $this->value('joints') ?? 1);
        if ($error === null || $this->verdict() === null) {
            return new Advice(
                'It slopes 1 in '.
                    LengthFormatter::decimal($this->slope->ratio, 2).
                    ', '.
                    LengthFormatter::decimal($this->slope->angleDeg, 2).
                    '°.',
                'With the slope it should have and the board’s thickness, its error is known too.',
            );
        }

        return match ($this->verdict()) {
            Verdict::Within => new Advice(
                'Use it: each tail is within '.$this->format->small((float) $this->value('tolerance')).'.',
                $this->stack($error, $joints),
            ),
            Verdict::CannotTell => new Advice(
                $this->whatWouldTell($error),
                'It is known to ± '.
                    $this->format->small($this->uncertaintyMm()).
                    ', and your tolerance lies inside that.',
            ),
            Verdict::Outside => $this->takeOff($error, $joints),
        };
    }

    private function where(float $error): string
    {
        return ($error > 0 ? 'far' : 'near').' end of its slope';
    }

    private function takeOff(float $error, int $joints): Advice
    {
        $off = $this->format->small($this->atTheEndMm())." off the {$this->where($error)}";
        $hopeless = abs($error) * $joints > 10 * (float) $this->value('tolerance') ? ' A new one is as quick.' : '';

        return new Advice(
            'Plane it '.
                ($error > 0 ? 'flatter' : 'steeper').
                ": take $off, running out to nothing at the other. Then test again.",
            $this->stack($error, $joints).$hopeless,
            takeOff: true,
            off: $off,
        );
    }

    /**
     * A longer line makes a lean larger, the reading's own error stays: solves the uncertainty for the line's length.
     */
    private function whatWouldTell(float $error): string
    {
        $needed = abs((float) $this->value('tolerance') - abs($error));
        $run = $needed <= 0 ? INF : ($this->uncertaintyMm() * (float) $this->value('run')) / $needed;

        return $run <= self::LONGEST_LINE_MM
            ? 'Can’t tell yet. Draw a line '.
                    $this->format->dimension(ceil($run / 5) * 5).
                    ' long or longer, and measure again.'
            : 'Too near your tolerance to tell. Read it with something finer, or allow a little more.';
    }

    /** What comes off one end of the slope over the length measured, mm. */
    public function atTheEndMm(): float
    {
        [$run, $nominal] = [$this->value('run') ?? 0.0, $this->value('nominal') ?? 1.0];

        return $this->slope === null ? 0.0 : $run * abs(1 / $this->slope->ratio - 1 / $nominal);
    }

    public function explained(): array
    {
        return $this->slope === null
            ? []
            : [
                new Explanation(
                    'How steep is it?',
                    'angle = atan(mean rise ÷ run); a tail is off by 2 · thickness · (tan α − tan α₀)',
                    LengthFormatter::decimal($this->slope->angleDeg, 3).
                        '°, 1 in '.
                        LengthFormatter::decimal($this->slope->ratio, 2),
                    Basis::CommonPractice,
                    'Plane geometry.',
                ),
            ];
    }

    private function stack(float $error, int $joints): string
    {
        $one =
            'Each tail is '.
            $this->format->small(abs($error)).
            ' too '.
            ($error > 0 ? 'wide' : 'narrow').
            ' at its wide end';

        return $joints === 1
            ? "$one."
            : "$one; over $joints in a row ".
                    $this->format->small(abs($error) * sqrt($joints)).
                    ' likely, '.
                    $this->format->small(abs($error) * $joints).
                    ' at worst.';
    }

    private function meanRiseMm(): ?float
    {
        [$rise, $turned] = [$this->value('rise'), $this->value('turned')];

        return $rise === null ? $turned : ($turned === null ? $rise : ($rise + $turned) / 2);
    }

    private function isWrong(): bool
    {
        return ! $this->form->isSound();
    }

    private function value(string $name): ?float
    {
        return $this->form->value($name);
    }
}
