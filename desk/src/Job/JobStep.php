<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Job\Honing;
use JackRest\Core\Job\JobPart;
use JackRest\Core\Job\Phase;
use JackRest\Core\Measure\LengthUnit;

/**
 * One step of a job as it is kept from the day it is begun: what was planned stands, whatever is bought or learnt
 * later.
 */
final readonly class JobStep
{
    /**
     * @param  string  $says  how: the way, its setting, its strokes
     * @param  string  $check  what is so when it is done
     * @param  string  $operation  empty: an edge is honed
     * @param  string  $tools  by name
     * @param  string  $setting  what is set to what; empty: nothing is
     * @param  int  $batch  from 0
     * @param  int  $units  parts it is done to
     * @param  float  $minutes  planned
     * @param  float  $usual  what it is from memory, minutes
     * @param  int|null  $hone  the edge that is honed
     * @param  array<int, float>  $edges  share of the minutes by edge
     * @param  list<int>  $used  tools, by number
     * @param  bool  $lacks  whether there is no way to do it yet
     * @param  Honing|null  $honing  what honing the edge takes
     * @param  array{string, string}|null  $inInch  how, and its setting, told in inches; null: as they are
     * @param  bool  $takesBlades  whether it is done with a coping or fret saw, whose blades are used up
     */
    public function __construct(
        public string $title,
        public string $says,
        public string $check,
        public string $operation,
        public Phase $phase,
        public JobPart $part,
        public string $tools,
        public string $setting,
        public int $batch,
        public int $units,
        public float $minutes,
        public float $usual,
        public bool $isSet = false,
        public bool $isFetched = false,
        public float $restDays = 0.0,
        public ?int $hone = null,
        public array $edges = [],
        public array $used = [],
        public bool $lacks = false,
        public ?Honing $honing = null,
        public bool $takesBlades = false,
        public ?array $inInch = null,
    ) {
    }

    /** As it is read in a unit. */
    public function in(LengthUnit $unit): self
    {
        return $unit === LengthUnit::Inch && $this->inInch !== null ? $this->telling(...$this->inInch) : $this;
    }

    /**
     * The same steps, told in both units. Settings that differ in one unit may be the same in the other, and be done
     * in another order there: each step finds its own by what is done to what.
     *
     * @param  list<self>  $mm
     * @param  list<self>  $inch
     * @return list<self>
     */
    public static function inBoth(array $mm, array $inch): array
    {
        $key = static fn (self $step): string => "$step->batch $step->title $step->operation";
        $told = [];
        foreach ($inch as $step) {
            $told[$key($step)] ??= [$step->says, $step->setting];
        }

        return array_map(static fn (self $step): self => $step->with($told[$key($step)] ?? null), $mm);
    }

    private function telling(string $says, string $setting): self
    {
        return self::fromArray(['says' => $says, 'setting' => $setting] + $this->toArray());
    }

    /** @param  array{string, string}|null  $inInch */
    private function with(?array $inInch): self
    {
        return self::fromArray(['inInch' => $inInch] + $this->toArray());
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        /** @var array<string, mixed> $all */
        $all = get_object_vars($this);

        return [
            ...$all,
            'phase' => $this->phase->value,
            'part' => $this->part->value,
            'honing' => $this->honing === null ? null : get_object_vars($this->honing),
        ];
    }

    /** @param  array<string, mixed>  $kept  as {@see toArray} wrote it */
    public static function fromArray(array $kept): self
    {
        /** @var array{title: string, says: string, check: string, operation: string, phase: string, part: string,
         *     tools: string, setting: string, batch: int, units: int, minutes: float|int, usual: float|int} $kept */
        $honing = $kept['honing'] ?? null;

        return new self(...[
            ...$kept,
            'honing' => is_array($honing) ? new Honing(...$honing) : null,
            'phase' => Phase::from($kept['phase']),
            'part' => JobPart::from($kept['part']),
            'minutes' => (float) $kept['minutes'],
            'usual' => (float) $kept['usual'],
        ]);
    }

    public function each(): float
    {
        return $this->units > 0 ? $this->minutes / $this->units : $this->minutes;
    }
}
