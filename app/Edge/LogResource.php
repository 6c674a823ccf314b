<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Edge\Answer\AngleMeasuredAnswer;
use App\Edge\Answer\EdgeEntryAnswer;
use App\Edge\Answer\EdgeLogAnswer;
use App\Edge\Answer\EdgeSpanAnswer;
use App\Edge\Answer\SpanRangeAnswer;
use App\Edge\Answer\TrialAnswer;
use App\Edge\Answer\TrialSideAnswer;
use App\Edge\Answer\TypedEntryAnswer;
use App\Http\Answer\WordAnswer;
use App\Http\Answer\WrittenAnswer;
use App\School\KitSettings;
use Illuminate\Support\Carbon;
use JackRest\Core\EdgeHistory\AngleCourse;
use JackRest\Core\EdgeHistory\Consumption;
use JackRest\Core\EdgeHistory\EdgeEntry as CoreEvent;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\EdgeForecast;
use JackRest\Core\EdgeHistory\Span;
use JackRest\Core\EdgeHistory\TestFound;
use JackRest\Core\EdgeHistory\TrialSide;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\EdgeHistory\AngleCourseWords;
use JackRest\Desk\EdgeHistory\ConsumptionWords;
use JackRest\Desk\EdgeHistory\EdgeEntryWords;
use JackRest\Desk\EdgeHistory\EdgeForecastWords;
use JackRest\Desk\EdgeHistory\StopTrialWords;

/** An edge's own diary with its forecast, the course of its angle, and what is left of it. */
final readonly class LogResource
{
    public const LATEST = 40;

    /**
     * @param  int  $count  how many entries are told, the latest
     * @param  int|null  $entry  one of the bench's diary that is told in any case
     */
    public function __construct(
        private Bench $bench,
        private LengthFormatter $format,
        private int $count = self::LATEST,
        private ?int $entry = null,
    ) {
    }

    /**
     * @param  list<CoreEvent>  $story  oldest first
     */
    public function of(Edge $edge, EdgeForecast $forecast, array $story): EdgeLogAnswer
    {
        $today = Carbon::now()->toDateString();
        $course = AngleCourse::of(
            $story,
            $edge->aim_deg ?? $edge->secondary_deg,
            AngleCourse::TOLERANCE_DEG[KitSettings::now($this->bench)->school()->says('exact-angles')],
            $today,
        );

        $courseWords = new AngleCourseWords($course);

        return new EdgeLogAnswer(
            edge: EdgeResource::of($edge, $this->format),
            forecast: $edge->forecast($forecast),
            range: self::range($forecast),
            spans: array_map(
                static fn (Span $span): EdgeSpanAnswer => new EdgeSpanAnswer(
                    length: $span->length,
                    endedAt: $span->endedAt,
                ),
                array_slice($forecast->life->spans, -24),
            ),
            clock: $forecast->life->clock,
            now: $forecast->life->now,
            angles: $this->angles($story),
            aimDeg: $edge->aim_deg ?? $edge->secondary_deg,
            toleranceDeg: $course->toleranceDeg,
            angleSays: $courseWords->sentence(),
            used: (new ConsumptionWords(Consumption::of($story, $today)))->sentences(
                $edge->toCore(),
                $edge->left_mm,
                $this->format,
            ),
            entries: $this->entries($edge),
            count: count($story),
            kinds: WordAnswer::each(EdgeEntryKind::cases()),
            founds: WordAnswer::each(TestFound::cases()),
            woods: WordAnswer::each(Hardness::cases()),
            trials: array_values($edge->trials()->latest('id')->get()->map(self::trial(...))->all()),
            how: array_values(
                array_filter([(new EdgeForecastWords($forecast))->explained(), $courseWords->explained()]),
            ),
        );
    }

    /** @return list<EdgeEntryAnswer> the latest, and the one that is asked for; the latest first */
    private function entries(Edge $edge): array
    {
        $latest = $edge->events()->latest('happened_at')->latest('id');
        $latest->limit($this->count);
        $events = $latest->get();
        $asked = EdgeEntries::event($this->entry, $edge, $this->bench);
        if ($asked !== null && ! $events->contains('id', $asked)) {
            $events = $events->concat($edge->events()->whereKey($asked)->get());
        }
        $ids = array_values($events->map(static fn (EdgeEvent $event): int => $event->id)->all());
        $written = EdgeEntries::of($edge, $this->bench, $ids);

        return array_values(
            $events
                ->map(static function (EdgeEvent $event) use ($written): EdgeEntryAnswer {
                    $core = $event->toCore();

                    return new EdgeEntryAnswer(
                        at: $core->at,
                        kind: $core->kind->value,
                        says: EdgeEntryWords::sentence($core, 'it'),
                        written: WrittenAnswer::of($written[$event->id] ?? null),
                        typed: TypedEntryAnswer::of($core),
                    );
                })
                ->all(),
        );
    }

    /** @return SpanRangeAnswer in the clock's unit, from the last honing */
    private static function range(EdgeForecast $forecast): SpanRangeAnswer
    {
        $now = $forecast->life->now;

        return new SpanRangeAnswer(
            low: $forecast->blunt->quantileAfter(0.1, $now),
            middle: $forecast->blunt->quantileAfter(0.5, $now),
            high: $forecast->blunt->quantileAfter(0.9, $now),
        );
    }

    /**
     * @param  list<CoreEvent>  $story
     * @return list<AngleMeasuredAnswer>
     */
    private function angles(array $story): array
    {
        $honed = array_filter(
            $story,
            static fn (CoreEvent $event): bool => $event->kind === EdgeEntryKind::Measured &&
                ! str_starts_with($event->note, 'ground'),
        );

        return array_values(
            array_map(
                static fn (CoreEvent $event): AngleMeasuredAnswer => new AngleMeasuredAnswer(
                    at: $event->at,
                    deg: (float) $event->deg,
                ),
                $honed,
            ),
        );
    }

    private static function trial(StopTrial $trial): TrialAnswer
    {
        return new TrialAnswer(
            id: $trial->id,
            triedAt: $trial->tried_at,
            sides: array_map(
                static fn (array $side): TrialSideAnswer => new TrialSideAnswer(
                    stone: $side['stone'],
                    um: (float) $side['um'],
                    surface: $side['surface'],
                    tearOut: $side['tearOut'],
                    effort: $side['effort'],
                ),
                $trial->sides,
            ),
            wood: $trial->wood,
            says: self::words($trial)->sentence(),
            keptUm: $trial->kept_um,
        );
    }

    public static function words(StopTrial $trial): StopTrialWords
    {
        $sides = array_map(
            static fn (array $side): TrialSide => new TrialSide(
                (float) $side['um'],
                $side['surface'],
                $side['tearOut'],
                $side['effort'],
            ),
            $trial->sides,
        );

        return new StopTrialWords($sides[0], $sides[1]);
    }
}
