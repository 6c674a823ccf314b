<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;

/**
 * One figure as it was typed: what was understood, or why not, or what is doubtful about it.
 *
 * A doubt does not stop the computation; an error does, and then there is no value.
 */
final readonly class Reading
{
    private function __construct(
        #[Field('as it was typed')] public string $typed,
        #[Field('mm, degrees, or what its quantity is counted in; null: nothing typed, or wrong')]
        public ?float $value,
        #[Field('the figure as it was understood, in more than one unit; null: not told')]
        public ?string $understood,
        #[Field('what is wrong; null: nothing')] public ?string $error,
        #[Field('what is doubtful about it; null: nothing')] public ?string $doubt,
        #[Field('what was probably meant, as it would be typed; null: not known')] public ?string $instead,
    ) {
    }

    /** Nothing was typed. */
    public static function none(string $typed = ''): self
    {
        return new self($typed, null, null, null, null, null);
    }

    public static function understood(string $typed, float $value, ?string $understood = null): self
    {
        return new self($typed, $value, $understood, null, null, null);
    }

    public static function unreadable(string $typed, string $error, ?string $instead = null): self
    {
        return new self($typed, null, null, $error, null, $instead);
    }

    /** A length in the user's unit, with nothing said of how long it may be. */
    public static function length(string $typed, LengthFormatter $format): self
    {
        return Quantity::Length->read($typed, $format);
    }

    /** The same, of other words for it. */
    public function as(string $typed): self
    {
        return new self($typed, $this->value, $this->understood, $this->error, $this->doubt, $this->instead);
    }

    /** Complains when it lies outside what is possible; what was doubted before is then the complaint. */
    public function within(float $least, float $most, string $complaint): self
    {
        return $this->value === null || ($this->value >= $least && $this->value <= $most)
            ? $this
            : new self($this->typed, null, $this->understood, $this->doubt ?? $complaint, null, $this->instead);
    }

    public function refused(string $complaint): self
    {
        return new self($this->typed, null, $this->understood, $complaint, null, null);
    }

    /** Understood, but asked about; what to type instead, where that is known. */
    public function doubted(string $doubt, ?string $instead = null): self
    {
        return new self($this->typed, $this->value, $this->understood, $this->error, $doubt, $instead);
    }

    /** Asks when a length looks 25.4 times too large or small beside what is expected. */
    public function beside(float $expectedMm, LengthFormatter $format): self
    {
        if ($this->value === null || $this->value === 0.0 || $expectedMm === 0.0) {
            return $this;
        }
        $ratio = abs($this->value / $expectedMm);
        foreach ([LengthUnit::MM_PER_INCH, 1 / LengthUnit::MM_PER_INCH] as $slip) {
            // Within a quarter of 25.4 times: the unit is likelier wrong than the wood.
            if (abs(log($ratio / $slip)) < log(1.25)) {
                $likely = $format->typed($this->value / $slip);

                return $this->doubted(
                    "This is about 25 times what is expected. Was it $likely, typed in the other unit?",
                    $likely,
                );
            }
        }

        return $this;
    }
}
