<?php

declare(strict_types=1);

namespace App\Providers;

use App\Auger\AugersOfBench;
use App\Bench\Bench;
use App\Blank\Blank;
use App\Care\ConsumableStock;
use App\Diary\DiaryEntry;
use App\Edge\Edge;
use App\Edge\EdgeEvent;
use App\Guide\Guide;
use App\Kit\Tool;
use App\Making\Making;
use App\Rack\Stone;
use App\Reference\Reference;
use App\Reference\ReferenceTest;
use App\Saw\SawsOfBench;
use App\Scraper\ScrapersOfBench;
use App\Season\ClimateStretch;
use App\Session\BenchSession;
use App\ShadowBoard\ShadowBoard;
use App\Stall\LookOver;
use App\Stall\Photo;
use App\Work\Work;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use JackRest\Desk\Making\PlanKind;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict(! app()->isProduction());
        JsonResource::withoutWrapping();
        // A session's subject is kept by these names, and a page is found by them.
        Relation::enforceMorphMap([
            'blank' => Blank::class,
            'edge' => Edge::class,
            'guide' => Guide::class,
            'look-over' => LookOver::class,
            'making' => Making::class,
            'reference' => Reference::class,
            'reference-test' => ReferenceTest::class,
            'session' => BenchSession::class,
            'shadow-board' => ShadowBoard::class,
            'stone' => Stone::class,
            'tool' => Tool::class,
            'work' => Work::class,
        ]);
        // Every record in an address is looked for on the bench of the request, never elsewhere.
        Route::bind('tool', static fn (string $id): Tool => self::bench()->tools()->findOrFail($id));
        Route::bind('work', static fn (string $id): Work => self::bench()->works()->findOrFail($id));
        Route::bind('edge', static fn (string $id): Edge => self::bench()->edges()->findOrFail($id));
        Route::bind('session', static fn (string $id): BenchSession => self::bench()->sessions()->findOrFail($id));
        Route::bind('saw', static fn (string $id): Tool => self::toolThat(SawsOfBench::isFiled(...), $id));
        Route::bind('scraper', static fn (string $id): Tool => self::toolThat(ScrapersOfBench::isScraper(...), $id));
        Route::bind('auger', static fn (string $id): Tool => self::toolThat(AugersOfBench::isSet(...), $id));
        Route::bind(
            'shadowBoard',
            static fn (string $id): ShadowBoard => self::bench()->shadowBoards()->findOrFail($id),
        );
        Route::bind(
            'consumable',
            static fn (string $id): ConsumableStock => self::bench()->consumables()->findOrFail($id),
        );
        Route::bind('look', static fn (string $id): LookOver => self::bench()->lookOvers()->findOrFail($id));
        Route::bind('photo', static fn (string $id): Photo => self::bench()->photos()->findOrFail($id));
        Route::bind('reference', static fn (string $id): Reference => self::bench()->references()->findOrFail($id));
        Route::bind('plan', static fn (string $name): PlanKind => PlanKind::tryFrom($name) ?? abort(404));
        Route::bind('making', static fn (string $id): Making => self::bench()->makings()->findOrFail($id));
        Route::bind('blank', static fn (string $id): Blank => self::bench()->blanks()->findOrFail($id));
        Route::bind(
            'stretch',
            static fn (string $id): ClimateStretch => self::bench()->climateStretches()->findOrFail($id),
        );
        Route::bind('stone', static fn (string $id): Stone => self::bench()->stones()->findOrFail($id));
        Route::bind('guide', static fn (string $id): Guide => self::bench()->guides()->findOrFail($id));
        Route::bind('event', static fn (string $id): EdgeEvent => self::bench()->edgeEvents()->findOrFail($id));
        Route::bind('entry', static fn (string $id): DiaryEntry => self::bench()->diary()->findOrFail($id));
    }

    private static function bench(): Bench
    {
        return app(Bench::class);
    }

    /** @param  callable(Tool): bool  $belongs  whether a tool has such a page */
    private static function toolThat(callable $belongs, string $id): Tool
    {
        $tool = self::bench()->tools()->findOrFail($id);
        abort_unless($belongs($tool), 404);

        return $tool;
    }
}
