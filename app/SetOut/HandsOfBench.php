<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Auger\AugerBit;
use App\Bench\Bench;
use App\Climate\AirRests;
use App\Http\Kept;
use App\Reference\Reference;
use App\School\KitSettings;
use App\Work\KitTools;
use App\Work\Work;
use Illuminate\Support\Carbon;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Shelf\Swing;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\ShopMoisture;

/** Who sets out at a bench: the tools that hang there, its school, and what was measured there lately. */
final class HandsOfBench
{
    private const BOARD_MM = 20.0;

    public static function of(Bench $bench, ?Work $work = null): Hands
    {
        $wood = $work->hardness ?? Hardness::Soft;
        $of = Carbon::now()->toDateString()." {$wood->value}";

        return Kept::once($bench, 'hands', $of, Hands::class, static fn (): Hands => new Hands(
            KitTools::of($bench)->atHand,
            KitSettings::now($bench)->school(),
            $wood,
            self::shavingMm($bench),
            self::leadMm($bench),
            self::moisture($bench),
        ));
    }

    /** What a board at rest is judged by: the school, the wood and the air; no tool is asked for. */
    public static function withoutTools(Bench $bench, ?Work $work): Hands
    {
        return new Hands(
            [],
            KitSettings::now($bench)->school(),
            $work->hardness ?? Hardness::Soft,
            null,
            null,
            self::moisture($bench),
        );
    }

    /** As it was typed for the reference that was tested last. */
    private static function shavingMm(Bench $bench): ?float
    {
        $last = Reference::of($bench)->join('reference_tests', 'reference_tests.reference_id', '=', 'references.id')
            ->whereNull('reference_tests.deleted_at')
            ->whereNotNull('references.sizes->shaving')
            ->latest('reference_tests.tested_at')
            ->select('references.*')
            ->first();

        return $last?->sizesNow()->find('shaving');
    }

    /** The mean of all bits whose turns were counted through a hole. */
    private static function leadMm(Bench $bench): ?float
    {
        $feeds = AugerBit::of($bench)->whereNotNull('hole_mm')->where('turns', '>', 0)->get()
            ->map(static fn (AugerBit $bit): float => (float) $bit->hole_mm / (float) $bit->turns);

        return $feeds->isEmpty() ? null : round((float) $feeds->avg(), 2);
    }

    private static function moisture(Bench $bench): ShopMoisture
    {
        $log = AirRests::of($bench);
        if ($log->isEmpty()) {
            return new ShopMoisture();
        }
        $piece = $log->wood(self::BOARD_MM);
        $swing = Swing::ofPiece($log, $piece);

        return new ShopMoisture(
            $piece->on(Carbon::now()->getTimestamp() / ClimateLine::SECONDS_PER_DAY),
            $swing->isLogged ? $swing->toPct : null,
        );
    }
}
