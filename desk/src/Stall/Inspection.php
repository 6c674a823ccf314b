<?php

declare(strict_types=1);

namespace JackRest\Desk\Stall;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Checks;
use JackRest\Core\Stall\Finding;
use JackRest\Core\Stall\Offering;
use JackRest\Core\Stall\OfferLine;
use JackRest\Core\Stall\Outcome;
use JackRest\Core\Tool\ToolKind;
use JackRest\Desk\Advice;

/** A second-hand tool as far as it was looked over. */
final readonly class Inspection
{
    public const CAUTION = 'Old paint may hold lead, and rust dust harms: wet methods and a mask. Never strike with '
        .'a loose or mushroomed head. Local rules and trained teaching come first.';

    /** @param  list<Looked>  $looked  in the order it can be done at a stall */
    private function __construct(
        public ToolKind $kind,
        public array $looked,
        public Offering $offering,
        public ?float $asked,
    ) {
    }

    /**
     * @param  array<string, array{outcome: string|null, readings: list<string>}>  $found  by the id of a check
     * @param  float  $goodPrice  the user's own, for a good one
     * @param  float  $perHour  what an hour is worth to them
     * @param  float|null  $asked  what the stall asks; null: nobody said
     */
    public static function of(
        ToolKind $kind,
        array $found,
        float $goodPrice,
        float $perHour,
        ?float $asked,
        LengthFormatter $format,
    ): self {
        $looked = array_map(
            static fn (Check $check): Looked => Looked::at(
                $check,
                $found[$check->id] ?? ['outcome' => null, 'readings' => []],
                $kind->name,
                $format,
            ),
            Checks::of($kind),
        );

        return new self(
            $kind,
            $looked,
            Offering::of($goodPrice, $perHour, array_map(static fn (Looked $one): Finding => $one->finding, $looked)),
            $asked,
        );
    }

    /** The check to be made next; null: all are. */
    public function nextCheck(): ?Looked
    {
        return array_values(
            array_filter($this->looked, static fn (Looked $one): bool => $one->finding->outcome === null),
        )[0] ?? null;
    }

    public function isOver(): bool
    {
        return $this->walkAway() !== null;
    }

    /** @return list<Looked> what is to be put right once it is bought */
    public function toMend(): array
    {
        return array_values(
            array_filter($this->looked, static fn (Looked $one): bool => $one->finding->mending !== null),
        );
    }

    /** @return array<string, string> readings that are sizes of the tool as well, as they were typed, by dimension */
    public function sizesRead(): array
    {
        $sizes = [];
        foreach ($this->looked as $one) {
            $dimension = $one->check->measured->dimension ?? null;
            if (
                $dimension !== null &&
                $this->kind->dimension($dimension) !== null &&
                ($one->readings[0]->value ?? null) !== null &&
                $one->readings[0]->error === null
            ) {
                $sizes[$dimension] = $one->readings[0]->typed;
            }
        }

        return $sizes;
    }

    /**
     * @param  callable(float): string  $money
     */
    public function next(callable $money): Advice
    {
        $walk = $this->walkAway();
        if ($walk !== null) {
            return new Advice('Walk away.', $walk->whyNot());
        }
        $next = $this->nextCheck();
        $most = $money($this->offering->wholeMost());
        if ($next !== null) {
            return new Advice($next->check->asks, "Sound: {$next->check->see} Offer no more than $most as it stands.");
        }

        return match (true) {
            $this->asked === null => new Advice(
                "Offer up to $most.",
                'That is what a good one is worth to you, less what is to be put right.',
            ),
            $this->asked <= $this->offering->most => new Advice(
                "Take it: {$money($this->asked)} is asked, and it is worth $most to you.",
                $this->toMend() === []
                    ? 'Nothing is to be put right.'
                    : 'What is to be put right comes home with it as a list.',
            ),
            default => new Advice(
                "Offer $most, not {$money($this->asked)}.",
                'At what is asked, a good one would cost you no more.',
            ),
        };
    }

    private function walkAway(): ?Looked
    {
        return array_values(
            array_filter($this->looked, static fn (Looked $one): bool => $one->finding->outcome === Outcome::WalkAway),
        )[0] ?? null;
    }

    /** @return list<array{says: string, amount: float}> the arithmetic of the offer, from the good one's price down */
    public function lines(): array
    {
        $whyNot = [];
        foreach ($this->looked as $one) {
            $whyNot[$one->check->id] = $one->whyNot();
        }

        return array_map(
            static fn (OfferLine $line): array => [
                'says' => match (true) {
                    $line->open > 0 => ($line->open === 1 ? '1 check' : "$line->open checks").
                        ' not made, half their mending',
                    $line->finding === null => 'a good one',
                    $line->finding->mending === null => $whyNot[$line->finding->check->id],
                    default => $line->finding->mending->says.
                        ($line->finding->mending->minutes > 0 ? ", {$line->finding->mending->minutes} min" : ''),
                },
                'amount' => $line->amount,
            ],
            $this->offering->lines,
        );
    }
}
