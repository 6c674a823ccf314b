<?php

declare(strict_types=1);

namespace JackRest\Desk\Measure;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;

/**
 * One field as it was typed: what was understood, or why not, or what is doubtful about it.
 *
 * A doubt does not stop the computation; an error does.
 */
final readonly class Reading
{
    private function __construct(
        public string $typed,
        public ?float $mm,
        public ?string $understood,
        public ?string $error,
        public ?string $doubt,
        public ?string $instead,
    ) {
    }

    public static function of(string $typed, LengthFormatter $format): self
    {
        if (trim($typed) === '') {
            return new self($typed, null, null, null, null, null);
        }
        try {
            $mm = LengthParser::parse($typed, $format->unit, $format->paperMm)->mm;

            return new self($typed, $mm, self::understood($mm), null, null, null);
        } catch (UnreadableLength $wrong) {
            return self::unreadable($typed, $wrong->getMessage(), $format);
        }
    }

    /** Complains when it lies outside what is possible; what was doubted before is then the complaint. */
    public function within(float $leastMm, float $mostMm, string $complaint): self
    {
        return $this->mm === null || ($this->mm >= $leastMm && $this->mm <= $mostMm)
            ? $this
            : new self($this->typed, null, $this->understood, $this->doubt ?? $complaint, null, $this->instead);
    }

    /** Asks when a value looks 25.4 times too large or small beside what is expected. */
    public function beside(float $expectedMm, LengthFormatter $format): self
    {
        if ($this->mm === null || $this->mm === 0.0 || $expectedMm === 0.0) {
            return $this;
        }
        $ratio = abs($this->mm / $expectedMm);
        foreach ([LengthUnit::MM_PER_INCH, 1 / LengthUnit::MM_PER_INCH] as $slip) {
            // Within a quarter of 25.4 times: the unit is likelier wrong than the wood.
            if (abs(log($ratio / $slip)) < log(1.25)) {
                $likely = $this->mm / $slip;

                return $this->doubted("This is about 25 times what is expected. Was it {$format->typed($likely)}, typed in the other unit?", $format->typed($likely));
            }
        }

        return $this;
    }

    public function doubted(string $doubt, ?string $instead = null): self
    {
        return new self($this->typed, $this->mm, $this->understood, $this->error, $doubt, $instead);
    }

    private static function understood(float $mm): string
    {
        $inch = new LengthFormatter(LengthUnit::Inch);
        $inches = abs($mm) < 1.0 ? $inch->small($mm) : $inch->dimension($mm);

        return LengthFormatter::decimal($mm, 3)." mm · $inches";
    }

    /** A caliper key that bounces types its figure twice: 0.320.32. */
    private static function unreadable(string $typed, string $message, LengthFormatter $format): self
    {
        $text = trim($typed);
        $half = intdiv(strlen($text), 2);
        $once = substr($text, 0, $half);
        if ($half > 0 && $text === $once.$once && self::of($once, $format)->mm !== null) {
            return new self($typed, null, null, "Typed twice? Perhaps $once was meant.", null, $once);
        }

        return new self($typed, null, null, $message, null, null);
    }
}
