<?php

declare(strict_types=1);

namespace App\Stone;

use App\Bench\Bench;
use App\Ledger\Changes;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Rack\StonesOfKind;
use JackRest\Core\Tool\ToolKinds;

/** One stock of abrasives: what lies in the rack is what the kit sharpens with, whichever place it was added in. */
final readonly class StockOfRack
{
    /** @var array<string, true> kinds of tool that the rack stands for */
    private array $kinds;

    public function __construct(Bench $bench)
    {
        $kinds = [];
        foreach (Stone::of($bench)->get() as $stone) {
            $kind = StonesOfKind::kindOf($stone->medium);
            if ($kind !== null && self::isFineEnough($stone)) {
                $kinds[$kind] = true;
            }
        }
        $this->kinds = $kinds;
    }

    /** What edges are honed on must bring them to something: coarse paper alone is no way to sharpen. */
    private static function isFineEnough(Stone $stone): bool
    {
        return ! $stone->medium->hones() || EdgeDuty::goodFor($stone->toCore()->particleUm()) !== null;
    }

    /** @return list<string> what lies in the rack, coarse to fine */
    public static function names(Bench $bench): array
    {
        $stones = Stone::of($bench)->get()->toBase();

        return array_values(
            $stones
                ->sortBy(static fn (Stone $stone): array => [-$stone->toCore()->particleUm(), $stone->id])
                ->map(static fn (Stone $stone): string => $stone->name)
                ->all(),
        );
    }

    /** Whether it can be used: a box whose stones are all gone cannot. */
    public function serves(Tool $tool): bool
    {
        return ! StonesOfKind::isStock($tool->kind) || isset($this->kinds[$tool->kind]);
    }

    /**
     * @param  array<Tool>  $owned
     * @return list<ToolAtHand> what lies in the rack and hangs nowhere on the board
     */
    public function besides(array $owned): array
    {
        $hung = array_map(static fn (Tool $tool): string => $tool->kind, $owned);
        $others = array_diff(array_keys($this->kinds), $hung);

        return array_map(
            static fn (string $kind): ToolAtHand => new ToolAtHand("rack-$kind", $kind, ToolKinds::named($kind)->name),
            array_values($others),
        );
    }

    /** A stone was taken out: with the last of its medium the tool that stood for them goes, too. */
    public static function tookOut(Changes $changes, Medium $medium): void
    {
        $kind = StonesOfKind::kindOf($medium);
        $left = Stone::of($changes->bench)
            ->get()
            ->filter(static fn (Stone $stone): bool => StonesOfKind::kindOf($stone->medium) === $kind);
        if ($kind === null || $left->isNotEmpty()) {
            return;
        }
        $tools = Tool::of($changes->bench)->where('kind', $kind)->where('status', ToolStatus::Owned);
        $tools->get()->each(static fn (Tool $tool) => $changes->delete($tool));
    }

    /** A tool was taken off the board: with the last of its kind its stones leave the rack. */
    public static function tookOff(Changes $changes, Tool $tool): void
    {
        $another = Tool::of($changes->bench)->where('kind', $tool->kind)->where('status', ToolStatus::Owned);
        if (! StonesOfKind::isStock($tool->kind) || $another->exists()) {
            return;
        }
        $stones = Stone::of($changes->bench)
            ->get()
            ->filter(static fn (Stone $stone): bool => StonesOfKind::kindOf($stone->medium) === $tool->kind);
        $stones->each(static fn (Stone $stone) => $changes->delete($stone));
    }
}
