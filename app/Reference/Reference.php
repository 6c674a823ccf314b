<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Ledger\Moment;
use App\Ledger\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Timber\Species;
use JackRest\Core\Truing\History\DueReason;
use JackRest\Core\Truing\History\History;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Reference\HistoryWords;
use JackRest\Desk\Reference\ReferenceKind;
use JackRest\Desk\Reference\ReferenceSizes;

/**
 * Whatever is tested over and over: a square, a straightedge, winding sticks, a template, a sole, a stone, a board.
 *
 * @property int|null $tool_id
 * @property ReferenceKind $kind
 * @property string $name
 * @property string $description what it is made of; empty: its sizes say it
 * @property array<string, float> $sizes figures a test begins with and dimensions it has, by name
 * @property array<string, string> $choices what was chosen about it, by name
 * @property Instrument $instrument
 * @property string|null $dropped_on
 * @property array{species: string, ringDeg: float, runoutDeg: float, thicknessMm: float}|null $wood
 * @property \Illuminate\Database\Eloquent\Collection<int, ReferenceTest> $tests
 */
final class Reference extends Record
{
    private const SECONDS_PER_DAY = 86400;

    /**
     * Its tests by the edge that was tested, where a list of many references read them all together.
     *
     * @var array<string, list<Tested>>|null
     */
    private ?array $tested = null;

    /**
     * Computed once for the tests as they were read: a list of many references asks for it again and again.
     *
     * @var array{
     *     array<string, list<Tested>>|\Illuminate\Database\Eloquent\Collection<int, ReferenceTest>,
     *     Collection<string, History>,
     * }|null
     */
    private ?array $reckoned = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => ReferenceKind::class,
            'sizes' => 'array',
            'choices' => 'array',
            'instrument' => Instrument::class,
            'wood' => 'array',
        ];
    }

    /** @return HasMany<ReferenceTest, $this> in the order they were made */
    public function tests(): HasMany
    {
        $tests = $this->hasMany(ReferenceTest::class);
        $tests->orderBy('tested_at')->orderBy('id');

        return $tests;
    }

    /** @return Collection<int, self> with what their tests say: squares first, then straightedges, then the others */
    public static function testedOf(Bench $bench): Collection
    {
        $order = array_flip(array_column(ReferenceKind::cases(), 'value'));
        $all = self::of($bench)->oldest('id')->get();
        $tested = ReferenceTest::inShort($bench);
        foreach ($all as $one) {
            $one->tested = $tested[$one->id] ?? [];
        }

        return $all->sortBy(static fn (self $one): int => min(2, $order[$one->kind->value]))->values()->toBase();
    }

    /** A moment in days, as the core counts them. */
    public static function day(string $moment): float
    {
        return Moment::day($moment);
    }

    public function sizesNow(): ReferenceSizes
    {
        return new ReferenceSizes($this->sizes, $this->choices);
    }

    /** Tolerance, mm. */
    public function toleranceMm(): float
    {
        return $this->sizesNow()->find('tolerance') ?? $this->kind->usualToleranceMm();
    }

    /** @return Collection<string, History> by the edge that was tested; one at least, though it hold no test */
    public function histories(): Collection
    {
        // Tests that were read anew are others: the model then holds another collection.
        $read = $this->tested ?? $this->tests;
        if ($this->reckoned === null || $this->reckoned[0] !== $read) {
            $this->reckoned = [
                $read,
                $this->reckon(is_array($read) ? $read : ReferenceTest::bySeries($read->all())),
            ];
        }

        return $this->reckoned[1];
    }

    /** Why it wants testing, or null when it can be trusted. */
    public function due(): ?string
    {
        $today = Carbon::now()->getTimestamp() / self::SECONDS_PER_DAY;

        $why = $this->histories()
            ->map(static fn (History $history): ?DueReason => $history->due($today))
            ->first(static fn (?DueReason $due): bool => $due !== null);

        return $why === null
            ? null
            : HistoryWords::due($why, $this->kind->reference()->isRubbed($this->sizesNow()));
    }

    /** The day of its next check, ISO 8601; null: it is due, or was never tested. */
    public function nextCheckOn(): ?string
    {
        $next = INF;
        foreach ($this->histories() as $history) {
            $next = min($next, $history->nextCheckDay() ?? -INF);
        }

        return is_finite($next)
            ? Carbon::createFromTimestamp((int) ($next * self::SECONDS_PER_DAY))->toIso8601ZuluString()
            : null;
    }

    /** What it is, in a few words beside its name. */
    public function says(LengthFormatter $format): string
    {
        return $this->description === ''
            ? $this->kind->reference()->says($this->sizesNow(), $format)
            : $this->description;
    }

    /** How it moves with its wood; null: it is of metal or stone, or nobody knows how to compute it. */
    public function moistureResponse(): ?MoistureResponse
    {
        return $this->kind->reference()->moistureResponse($this->sizesNow());
    }

    public function ofWood(): ?ReferenceWood
    {
        $species = $this->wood === null ? null : Species::named($this->wood['species']);

        return $this->wood === null || $species === null
            ? null
            : new ReferenceWood(
                $species,
                (float) $this->wood['ringDeg'],
                (float) $this->wood['runoutDeg'],
                (float) $this->wood['thicknessMm'],
            );
    }

    /** @return array{species: string, ringDeg: float, runoutDeg: float, thicknessMm: float} as its column holds it */
    public static function woodColumn(ReferenceWood $wood): array
    {
        return [
            'species' => $wood->species->name,
            'ringDeg' => $wood->ringDeg,
            'runoutDeg' => $wood->runoutDeg,
            'thicknessMm' => $wood->thicknessMm,
        ];
    }

    /**
     * @param  array<string, list<Tested>>  $tested
     * @return Collection<string, History>
     */
    private function reckon(array $tested): Collection
    {
        $fell = $this->dropped_on === null ? null : self::day($this->dropped_on);
        $tolerance = $this->toleranceMm();

        return collect($tested === [] ? ['' => []] : $tested)->map(
            static fn (array $tests): History => new History($tests, $tolerance, $fell),
        );
    }
}
