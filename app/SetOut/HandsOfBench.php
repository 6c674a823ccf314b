<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Auger\AugerBit;
use App\Bench\Bench;
use App\Climate\AirRests;
use App\Http\Kept;
use App\Reference\Reference;
use App\School\KitSettings;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use App\Work\Work;
use Illuminate\Support\Carbon;
use JackRest\Core\Kit\ToolAtHand;
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
        $tools = Tool::of($bench)->where('status', ToolStatus::Owned->value)->oldest('id')->get()
            ->filter(static fn (Tool $tool): bool => $tool->isAtHand())
            ->map(static fn (Tool $tool): ToolAtHand => $tool->toCore());
        $today = Carbon::now()->toDateString();
        $moisture = static fn (): ShopMoisture => self::moisture($bench);

        return new Hands(
            array_values($tools->all()),
            KitSettings::now($bench)->school(),
            $work->hardness ?? Hardness::Soft,
            self::shavingMm($bench),
            self::leadMm($bench),
            Kept::once($bench, 'shop', $today, ShopMoisture::class, $moisture),
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
        $swing = Swing::of($log, self::BOARD_MM);

        return new ShopMoisture(
            $log->wood(self::BOARD_MM)->on(Carbon::now()->getTimestamp() / ClimateLine::SECONDS_PER_DAY),
            $swing->isLogged ? $swing->toPct : null,
        );
    }
}
