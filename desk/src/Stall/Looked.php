<?php

declare(strict_types=1);

namespace JackRest\Desk\Stall;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Finding;
use JackRest\Core\Stall\Outcome;
use JackRest\Desk\Form\Reading;

/** One check as far as it was made: what was typed, and what it came to. */
final readonly class Looked
{
    /** @param  list<Reading>  $readings  of a measured check */
    private function __construct(
        public Check $check,
        public array $readings,
        public Finding $finding,
        public string $says,
    ) {
    }

    /** @param  array{outcome: string|null, readings: list<string>}  $found */
    public static function at(Check $check, array $found, string $toolName, LengthFormatter $format): self
    {
        $byEye = Outcome::tryFrom($found['outcome'] ?? '');
        $byEye = Finding::byEye($check, $byEye !== null && in_array($byEye, $check->outcomes(), true) ? $byEye : null);
        if ($check->measured === null) {
            return new self($check, [], $byEye, '');
        }
        $complaint = "No {$toolName} has that: 0 to {$format->dimension($check->measured->mostMm)}. Check the "
            .'unit.';
        $readings = array_map(
            static fn (int $index): Reading => Reading::length($found['readings'][$index] ?? '', $format)->within(
                0,
                $check->measured->mostMm,
                $complaint,
            ),
            array_keys($check->measured->labels),
        );
        $read = array_values(
            array_filter(
                array_map(
                    static fn (Reading $reading): ?float => $reading->error === null ? $reading->value : null,
                    $readings,
                ),
                is_float(...),
            ),
        );
        if (count($read) < count($check->measured->labels) || $read === []) {
            // What cannot be measured at the stall can still be said by eye.
            return new self($check, $readings, $byEye, '');
        }
        $finding = Finding::measured($check, $check->measured, $read);

        $words = new MeasuredWords($check->measured, $format);

        return new self($check, $readings, $finding, $words->says((float) $finding->valueMm));
    }

    public function isWrong(): bool
    {
        return array_filter($this->readings, static fn (Reading $reading): bool => $reading->error !== null) !== [];
    }

    /** Why it is the end of the look-over, where it is. */
    public function whyNot(): string
    {
        return $this->check->walkAway ?? $this->says;
    }
}
