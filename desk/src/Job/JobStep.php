<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Job\JobPart;
use JackRest\Core\Job\Phase;

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
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        /** @var array<string, mixed> $all */
        $all = get_object_vars($this);

        return [...$all, 'phase' => $this->phase->value, 'part' => $this->part->value];
    }

    /** @param  array<string, mixed>  $kept  as {@see toArray} wrote it */
    public static function fromArray(array $kept): self
    {
        /** @var array{title: string, says: string, check: string, operation: string, phase: string, part: string,
         *     tools: string, setting: string, batch: int, units: int, minutes: float|int, usual: float|int} $kept */
        return new self(...[
            ...$kept,
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
