<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Climate\AirRests;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\PieceInShed;
use JackRest\Core\Season\ReferenceForecast;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Season\SeasonForecast;
use JackRest\Core\Season\Silence;
use JackRest\Core\Truing\History\History;
use JackRest\Desk\Reference\ReferenceKind;
use JackRest\Desk\Season\SeasonForecastWords;

/** The air of a bench's shop, and what it has probably done to the references. */
final class SeasonOfBench
{
    public readonly RestLog $log;

    public readonly float $today;

    /** @var Collection<int, Reference> */
    public readonly Collection $references;

    /** @var list<SeasonForecast> as the references stand */
    public readonly array $forecasts;

    /** @var array<array-key, PieceInShed> by thickness: most references share a few */
    private array $pieces = [];

    public function __construct(Bench $bench)
    {
        $this->log = AirRests::of($bench);
        $this->today = Carbon::now()->getTimestamp() / ClimateLine::SECONDS_PER_DAY;
        $this->references = Reference::testedOf($bench);
        $this->forecasts = array_values($this->references->map($this->forecast(...))->all());
    }

    /** @return list<ReferenceForecast> */
    public function named(): array
    {
        return array_values(
            $this->references
                ->map(
                    fn (Reference $reference, int $index): ReferenceForecast => new ReferenceForecast(
                        $reference->name,
                        $reference->kind->reference()->sides(),
                        $this->forecasts[$index],
                    ),
                )
                ->all(),
        );
    }

    /** What is claimed of a reference; null: nothing is. */
    public function claim(int $index, LengthFormatter $format): ?string
    {
        $forecast = $this->forecasts[$index];
        $reference = $this->references->get($index);

        if (! $forecast->isClaim() || $reference === null) {
            return null;
        }
        $words = new SeasonForecastWords($forecast, $format);

        return 'The season has probably moved it. '.$words->says($reference->kind->reference()->sides());
    }

    /** Of a reference with several edges the one that has most probably moved. */
    private function forecast(Reference $reference): SeasonForecast
    {
        $response = $reference->moistureResponse();
        $wood = $reference->ofWood();
        if ($response === null) {
            return SeasonForecast::silent(
                $reference->kind === ReferenceKind::Square ? Silence::Metal : Silence::NoModel,
            );
        }
        if ($wood === null) {
            return SeasonForecast::silent(Silence::WoodUnknown);
        }
        if ($this->log->isEmpty()) {
            return SeasonForecast::silent(Silence::NoLog);
        }
        $piece = $this->pieces[(string) $wood->thicknessMm] ??= $this->log->wood($wood->thicknessMm);
        $all = $reference
            ->histories()
            ->map(
                fn (History $history): SeasonForecast => SeasonForecast::of(
                    $response,
                    $wood,
                    $reference->kind->reference()->movingLengthMm($reference->sizesNow()),
                    $history->tests,
                    $reference->toleranceMm(),
                    $piece,
                    $this->today,
                    $history->droppedDay,
                ),
            );
        $worst = $all
            ->sortByDesc(static fn (SeasonForecast $forecast): float => $forecast->predicted?->chance() ?? -1.0)
            ->first();
        assert($worst !== null);

        return $worst;
    }
}
