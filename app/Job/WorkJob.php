<?php

declare(strict_types=1);

namespace App\Job;

use App\Ledger\Record;
use App\Pace\StepTime;
use App\Photo\Photo;
use App\Session\BenchSession;
use App\Work\GoesWithWork;
use App\Work\Work;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\MorphMany;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Job\JobStep;

/**
 * A work being made, over several days.
 *
 * @property int $work_id
 * @property string $name what is made: ten hive bodies
 * @property int $pieces
 * @property int $batch pieces that go through together
 * @property float $hours a week
 * @property string|null $wood_at when the wood is here, ISO 8601; null: it was when the job was begun
 * @property list<array<string, mixed>> $steps as {@see JobStep::toArray} wrote them
 * @property-read array<int, int> $done parts, by step
 * @property-read array<int, float> $seconds that they took, by step
 * @property-read array<int, string> $rests until when a batch rests or waits for its wood, ISO 8601, by batch
 * @property-read string $state running or made
 * @property float|null $gap_mm the widest gap that was found in a joint
 * @property string $found what was written down when it was made
 * @property Work $work
 * @property \Illuminate\Database\Eloquent\Collection<int, StepTime> $times
 * @property \Illuminate\Database\Eloquent\Collection<int, Photo> $photos
 */
final class WorkJob extends Record
{
    use GoesWithWork;

    public const MADE = 'made';

    public const RUNNING = 'running';

    /**
     * What the times come to, worked out once for those that were read.
     *
     * @var array{\Illuminate\Database\Eloquent\Collection<int, StepTime>, JobTally}|null
     */
    private ?array $tallied = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'pieces' => 'integer',
            'batch' => 'integer',
            'hours' => 'float',
            'steps' => 'array',
            'gap_mm' => 'float',
        ];
    }

    /** @return MorphMany<BenchSession, $this> */
    public function sessions(): MorphMany
    {
        return $this->morphMany(BenchSession::class, 'subject');
    }

    /** @return HasMany<StepTime, $this> what was done of it, while by while */
    public function times(): HasMany
    {
        return $this->hasMany(StepTime::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }

    private function tally(): JobTally
    {
        $read = $this->times;
        if ($this->tallied === null || $this->tallied[0] !== $read) {
            $this->tallied = [$read, JobTally::of($this->plan(), $read->all(), $this->wood_at)];
        }

        return $this->tallied[1];
    }

    /** @return array<int, int> */
    public function getDoneAttribute(): array
    {
        return $this->tally()->done;
    }

    /** @return array<int, float> */
    public function getSecondsAttribute(): array
    {
        return $this->tally()->seconds;
    }

    /** @return array<int, string> */
    public function getRestsAttribute(): array
    {
        return $this->tally()->rests;
    }

    public function getStateAttribute(): string
    {
        return $this->tally()->isMade ? self::MADE : self::RUNNING;
    }

    public function running(): ?BenchSession
    {
        return $this->sessions()->where('state', BenchSession::RUNNING)->first();
    }

    /** @return list<JobStep> */
    public function plan(LengthUnit $unit = LengthUnit::Millimetre): array
    {
        return array_map(
            static fn (array $kept): JobStep => JobStep::fromArray($kept)->in($unit),
            $this->steps,
        );
    }

    public function isDone(int $step, JobStep $planned): bool
    {
        return ($this->done[$step] ?? 0) >= $planned->units;
    }

    /** Whether a batch waits for its glue or its wood. */
    public function isResting(int $batch, string $now): bool
    {
        return ($this->rests[$batch] ?? '') > $now;
    }

    /**
     * @param  list<JobStep>  $plan
     * @return array<int, JobStep> what is not done, by step
     */
    public function left(array $plan): array
    {
        return array_filter(
            $plan,
            fn (JobStep $step, int $at): bool => ! $this->isDone($at, $step),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** Minutes of a step that are still to come. */
    public function minutesLeft(int $at, JobStep $step): float
    {
        return $step->units > 0 ? $step->minutes * ($step->units - ($this->done[$at] ?? 0)) / $step->units : 0.0;
    }
}
