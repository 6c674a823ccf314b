<?php

declare(strict_types=1);

namespace App\Providers;

use App\Bench\Bench;
use App\Blank\Blank;
use App\Care\ConsumableStock;
use App\Climate\AirRests;
use App\Climate\ClimateStretch;
use App\Edge\Edge;
use App\Edge\EdgeEvent;
use App\Edge\EdgeLives;
use App\Edge\HoningEnd;
use App\Eye\EyeRun;
use App\Guide\Guide;
use App\Job\JobEnd;
use App\Job\WorkJob;
use App\Ledger\DiaryEntry;
use App\Ledger\Record;
use App\Making\Making;
use App\Making\MakingEnd;
use App\Photo\Photo;
use App\Reference\PlaningEnd;
use App\Reference\Reference;
use App\Reference\ReferenceTest;
use App\Saw\FilingEnd;
use App\Session\BenchSession;
use App\Session\SessionEnd;
use App\Session\SessionEnds;
use App\SetOut\CuttingEnd;
use App\SetOut\SetOut;
use App\ShadowBoard\ShadowBoard;
use App\Stall\LookOver;
use App\Stone\Stone;
use App\Sum\Sums;
use App\Tool\Tool;
use App\Tool\ToolUses;
use App\Work\Work;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Session\SessionKind;

final class AppServiceProvider extends ServiceProvider
{
    /** @var array<string, class-string<Record>> by the name that an address has for it */
    private const IN_ADDRESSES = [
        'blank' => Blank::class,
        'consumable' => ConsumableStock::class,
        'edge' => Edge::class,
        'event' => EdgeEvent::class,
        'eyeRun' => EyeRun::class,
        'guide' => Guide::class,
        'job' => WorkJob::class,
        'look' => LookOver::class,
        'making' => Making::class,
        'photo' => Photo::class,
        'reference' => Reference::class,
        'session' => BenchSession::class,
        'setOut' => SetOut::class,
        'shadowBoard' => ShadowBoard::class,
        'stone' => Stone::class,
        'stretch' => ClimateStretch::class,
        'tool' => Tool::class,
        'work' => Work::class,
    ];

    public function register(): void
    {
        $this->app->singleton(
            Sums::class,
            static fn (): Sums => new Sums([new EdgeLives(), new ToolUses(), new AirRests()]),
        );
        // What the end of a session writes is known to the rooms it is about.
        $this->app->singleton(
            SessionEnds::class,
            static fn (): SessionEnds => new SessionEnds(
                static fn (BenchSession $session, bool $isDone): SessionEnd => match ($session->kind) {
                    SessionKind::Honing, SessionKind::Day => new HoningEnd($session, $isDone),
                    SessionKind::Planing => new PlaningEnd($session),
                    SessionKind::Filing, SessionKind::Turning, SessionKind::BitFiling => new FilingEnd(
                        $session,
                        $isDone,
                    ),
                    SessionKind::Making => new MakingEnd($session, $isDone),
                    SessionKind::Cutting => new CuttingEnd($session, $isDone),
                    SessionKind::Job => new JobEnd($session, $isDone),
                },
            ),
        );
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! app()->isProduction());
        JsonResource::withoutWrapping();
        // A session's subject is kept by these names, and a page is found by them.
        Relation::enforceMorphMap([
            'blank' => Blank::class,
            'edge' => Edge::class,
            'eye-run' => EyeRun::class,
            'guide' => Guide::class,
            'job' => WorkJob::class,
            'look-over' => LookOver::class,
            'making' => Making::class,
            'reference' => Reference::class,
            'reference-test' => ReferenceTest::class,
            'session' => BenchSession::class,
            'set-out' => SetOut::class,
            'shadow-board' => ShadowBoard::class,
            'stone' => Stone::class,
            'tool' => Tool::class,
            'work' => Work::class,
        ]);
        // Every record in an address is looked for on the bench of the request, never elsewhere.
        foreach (self::IN_ADDRESSES as $name => $record) {
            Route::bind($name, static fn (string $id): Record => $record::of(self::bench())->findOrFail($id));
        }
        Route::bind('entry', static fn (string $id): DiaryEntry => DiaryEntry::of(self::bench())->findOrFail($id));
        Route::bind('saw', static fn (string $id): Tool => self::toolThat(static fn (Tool $one) => $one->isSaw(), $id));
        Route::bind(
            'scraper',
            static fn (string $id): Tool => self::toolThat(static fn (Tool $one) => $one->isScraper(), $id),
        );
        Route::bind(
            'auger',
            static fn (string $id): Tool => self::toolThat(static fn (Tool $one) => $one->isAugerSet(), $id),
        );
        Route::bind('plan', static fn (string $name): PlanKind => PlanKind::tryFrom($name) ?? abort(404));
    }

    private static function bench(): Bench
    {
        return app(Bench::class);
    }

    /** @param  callable(Tool): bool  $belongs  whether a tool has such a page */
    private static function toolThat(callable $belongs, string $id): Tool
    {
        $tool = Tool::of(self::bench())->findOrFail($id);
        abort_unless($belongs($tool), 404);

        return $tool;
    }
}
