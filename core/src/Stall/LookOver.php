<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

use JackRest\Core\Kit\ToolKind;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\Reading;

/** A second-hand tool as far as it was looked over. */
final readonly class LookOver
{
    public const CAUTION = 'Old paint may hold lead, and rust dust harms: wet methods and a mask. Never strike with a loose or mushroomed head. Local rules and trained teaching come first.';

    /** @param  list<Looked>  $looked  in the order it can be done at a stall */
    private function __construct(public ToolKind $kind, public array $looked, public Offering $offering, public ?float $asked)
    {
    }

    /**
     * @param  array<string, array{outcome: string|null, readings: list<string>}>  $found  by the id of a check
     * @param  float  $goodPrice  the user's own, for a good one
     * @param  float  $perHour  what an hour is worth to them
     * @param  float|null  $asked  what the stall asks; null: nobody said
     */
    public static function of(ToolKind $kind, array $found, float $goodPrice, float $perHour, ?float $asked, LengthFormatter $format): self
    {
        $looked = array_map(static fn (Check $check): Looked => self::look($check, $found[$check->id] ?? ['outcome' => null, 'readings' => []], $kind, $format), Checks::of($kind));

        return new self($kind, $looked, Offering::of($goodPrice, $perHour, $looked), $asked);
    }

    /** The check to be made next; null: all are. */
    public function nextCheck(): ?Looked
    {
        return array_values(array_filter($this->looked, static fn (Looked $one): bool => $one->outcome === null))[0] ?? null;
    }

    public function isOver(): bool
    {
        return $this->walkAway() !== null;
    }

    /** @return list<Looked> what is to be put right once it is bought */
    public function toMend(): array
    {
        return array_values(array_filter($this->looked, static fn (Looked $one): bool => $one->outcome === Outcome::Mend && $one->mending !== null));
    }

    /** @return array<string, string> readings that are sizes of the tool as well, as they were typed, by dimension */
    public function sizesRead(): array
    {
        $sizes = [];
        foreach ($this->looked as $one) {
            $dimension = $one->check->measured->dimension ?? null;
            if ($dimension !== null && $this->kind->dimension($dimension) !== null && ($one->readings[0]->mm ?? null) !== null && $one->readings[0]->error === null) {
                $sizes[$dimension] = $one->readings[0]->typed;
            }
        }

        return $sizes;
    }

    /**
     * @param  callable(float): string  $money
     * @return array{says: string, why: string}
     */
    public function next(callable $money): array
    {
        $walk = $this->walkAway();
        if ($walk !== null) {
            return ['says' => 'Walk away.', 'why' => $walk->check->walkAway ?? $walk->says];
        }
        $next = $this->nextCheck();
        $most = $money(floor($this->offering->most));
        if ($next !== null) {
            return ['says' => $next->check->asks, 'why' => "Sound: {$next->check->see} Offer no more than $most as it stands."];
        }

        return match (true) {
            $this->asked === null => ['says' => "Offer up to $most.", 'why' => 'That is what a good one is worth to you, less what is to be put right.'],
            $this->asked <= $this->offering->most => ['says' => "Take it: {$money($this->asked)} is asked, and it is worth $most to you.", 'why' => $this->toMend() === [] ? 'Nothing is to be put right.' : 'What is to be put right comes home with it as a list.'],
            default => ['says' => "Offer $most, not {$money($this->asked)}.", 'why' => 'At what is asked, a good one would cost you no more.'],
        };
    }

    private function walkAway(): ?Looked
    {
        return array_values(array_filter($this->looked, static fn (Looked $one): bool => $one->outcome === Outcome::WalkAway))[0] ?? null;
    }

    /** @param  array{outcome: string|null, readings: list<string>}  $found */
    private static function look(Check $check, array $found, ToolKind $kind, LengthFormatter $format): Looked
    {
        $byEye = Outcome::tryFrom($found['outcome'] ?? '');
        $byEye = $byEye !== null && in_array($byEye, $check->outcomes(), true) ? $byEye : null;
        if ($check->measured === null) {
            return self::judged($check, [], $byEye, $check->mending, '');
        }
        $readings = array_map(static fn (int $index): Reading => Reading::of($found['readings'][$index] ?? '', $format)->within(0, $check->measured->mostMm, "No {$kind->name} has that: nought to {$format->dimension($check->measured->mostMm)}. Check the unit."), array_keys($check->measured->labels));
        $read = array_values(array_filter(array_map(static fn (Reading $reading): ?float => $reading->error === null ? $reading->mm : null, $readings), is_float(...)));
        if (count($read) < count($check->measured->labels) || $read === []) {
            // What cannot be measured at the stall can still be said by eye.
            return self::judged($check, $readings, $byEye, $check->mending, '');
        }
        $value = $check->measured->valueMm($read);
        $outcome = $check->measured->outcome($value);
        $outcome = $outcome === Outcome::WalkAway && $check->walkAway === null ? Outcome::Mend : $outcome;
        $mending = $check->mending === null ? null : $check->measured->mending($check->mending, $value);

        return self::judged($check, $readings, $outcome === Outcome::Mend && $mending === null ? Outcome::WalkAway : $outcome, $mending, $check->measured->says($value, $format));
    }

    /** @param  list<Reading>  $readings */
    private static function judged(Check $check, array $readings, ?Outcome $outcome, ?Mending $mending, string $says): Looked
    {
        return new Looked($check, $readings, $outcome, $outcome === Outcome::Mend ? $mending : null, $says);
    }
}
