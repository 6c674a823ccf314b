<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\WindingSticks;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\UncertaintyBudget;
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
 * A pair of winding sticks tested on any board.
 *
 * Turning the far stick end for end changes the reading by twice its own error; turning the near one too changes it by
 * twice that one's, the other way. Each is half a difference of two readings: u = ½·√(2·resolution²/12). Source: plane
 * geometry, common practice; JCGM 100.
 */
final readonly class WindingSticksForm extends TestForm
{
    public static function of(TypedTest $typed, ReferenceSizes $sizes, LengthFormatter $format): self
    {
        return new self($typed, Form::of(WindingSticksReference::fields(), $typed->figures, $format), [], $format);
    }

    /** The far stick's: how much higher its right end stands, as it lay first. */
    public function errorMm(): ?float
    {
        [$first, $turned] = [$this->value('reading'), $this->value('turned')];

        return $first === null || $turned === null ? null : ($first - $turned) / 2;
    }

    /** The near stick's, as it lay first; null: it was not turned. */
    public function nearErrorMm(): ?float
    {
        [$turned, $both] = [$this->value('turned'), $this->value('nearTurned')];

        return $turned === null || $both === null ? null : ($both - $turned) / 2;
    }

    /** The board's own twist over the sticks' length; the near stick's error is in it unless that was turned too. */
    public function boardMm(): ?float
    {
        $error = $this->errorMm();
        $first = $this->value('reading');

        return $error === null || $first === null ? null : $first - $error + ($this->nearErrorMm() ?? 0.0);
    }

    /** Half the difference of two readings, each known to resolution/√12: u² = resolution²/24. */
    public function budget(): UncertaintyBudget
    {
        return new UncertaintyBudget(['reading' => $this->resolutionMm ** 2 / 24]);
    }

    public function strokes(): array
    {
        return $this->next()->takeOff
            ? [PlaningStep::tapered($this->next()->off ?? '', $this->value('length') ?? 0.0, $this->shavings())]
            : [];
    }

    public function correction(): Correction
    {
        return new Correction($this->shavings(), (string) $this->next()->off, "Took {$this->next()->off}.");
    }

    public function facts(): array
    {
        return ['where' => $this->where()];
    }

    public function verdict(): ?Verdict
    {
        $tolerance = $this->value('tolerance');

        return $this->errorMm() === null || $tolerance === null
            ? null
            : Verdict::of($this->worstMm(), $this->uncertaintyMm(), $tolerance);
    }

    public function found(): ?string
    {
        $error = $this->errorMm();

        return $error === null || abs($error) <= $this->uncertaintyMm()
            ? null
            : ($error > 0
                ? 'right end high'
                : 'left end high');
    }

    public function standing(): string
    {
        $near = $this->nearErrorMm();

        return '± '.
            $this->format->small($this->uncertaintyMm()).
            ' over '.
            $this->format->dimension($this->value('length') ?? 0.0).
            '.'.
            ($near === null
                ? ' The near stick was not turned: its error is not known.'
                : ' The near stick: '.$this->format->small(abs($near)).'.');
    }

    public function next(): Advice
    {
        if (! $this->form->isSound()) {
            return Advice::correct();
        }

        return match (true) {
            $this->value('reading') === null => new Advice(
                'Lay one stick across each end of a board, sight over the near one, type how much higher the far '
                    .'one’s right end stands.',
                'Any board will do: its own twist falls out.',
            ),
            $this->errorMm() === null => new Advice(
                'Turn the far stick end for end, in the same place, and type it again.',
                'Half of what changes is that stick’s own error.',
            ),
            $this->verdict() === Verdict::Within => new Advice(
                'Use them: they are true enough for your boards.',
                $this->onBoard(),
            ),
            $this->verdict() === Verdict::Outside => $this->takeOff(),
            $this->verdict() === Verdict::CannotTell => new Advice(
                'Can’t tell yet. Read it with something finer, or on longer sticks.',
                'It is known to '.
                    $this->format->small($this->uncertaintyMm()).
                    ', and your tolerance lies inside that.',
            ),
            default => new Advice('Type your tolerance.', $this->onBoard()),
        };
    }

    public function explained(): array
    {
        $error = $this->errorMm();

        return $error === null
            ? []
            : [
                new Explanation(
                    'How far is the far stick out?',
                    'error = (reading − reading turned) ÷ 2',
                    "({$this->format->small($this->value('reading') ?? 0.0)} − "
                        ."{$this->format->small($this->value('turned') ?? 0.0)}) ÷ 2 = {$this->format->small($error)}",
                    Basis::CommonPractice,
                    'The stick tested against itself, turned end for end.',
                ),
                new Explanation(
                    'How sure is that?',
                    'U = 1.96 · resolution ÷ √24, for about 95 of 100 tests',
                    '± '.$this->format->small($this->uncertaintyMm()),
                    Basis::Published,
                    'Guide to the expression of uncertainty in measurement, JCGM 100.',
                ),
            ];
    }

    private function takeOff(): Advice
    {
        if ($this->value('shaving') === null) {
            return new Advice(
                'Type how thick one shaving is.',
                'Ten in a pack under the caliper: then the strokes can be counted.',
            );
        }
        $count = $this->shavings();
        $off = ($count === 1 ? '1 shaving' : "$count shavings")." off the {$this->where()}";

        return new Advice(
            "Take $off, as it lay first, running out to nothing at the other. Then test again.",
            $this->onBoard(),
            takeOff: true,
            off: $off,
        );
    }

    /** Which end of which stick stands high. */
    private function where(): string
    {
        [$error, $near] = [(float) $this->errorMm(), (float) $this->nearErrorMm()];
        [$stick, $worst] = abs($near) > abs($error) ? ['near', $near] : ['far', $error];

        return ($worst > 0 ? 'right' : 'left')." end of the $stick stick";
    }

    private function shavings(): int
    {
        $shaving = $this->value('shaving');

        return $shaving === null ? 0 : Rounding::up($this->worstMm() / $shaving);
    }

    private function onBoard(): string
    {
        [$length, $width] = [$this->value('length'), $this->value('boardWidth')];

        return $length === null || $width === null
            ? ''
            : 'On a board '.
                    $this->format->dimension($width).
                    ' wide it would look like '.
                    $this->format->small(($this->worstMm() * $width) / $length).
                    ' of twist.';
    }

    private function worstMm(): float
    {
        return max(abs((float) $this->errorMm()), abs((float) $this->nearErrorMm()));
    }

    private function value(string $name): ?float
    {
        return $this->form->value($name);
    }
}
