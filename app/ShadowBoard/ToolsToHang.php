<?php

declare(strict_types=1);

namespace App\ShadowBoard;

use App\Bench\Bench;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Support\Collection;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\ShadowBoard\BoardTool;
use JackRest\Desk\ShadowBoard\ShadowBoardForm;

/** The tools of a bench that may hang on a shadow board: owned, and not put away; what is lent keeps its place. */
final class ToolsToHang
{
    /** @return Collection<int, Tool> */
    public static function of(Bench $bench): Collection
    {
        return Tool::of($bench)
            ->oldest('id')
            ->get()
            ->where('status', ToolStatus::Owned)
            ->whereNull('away_on')
            ->toBase();
    }

    /**
     * @param  list<int>  $ids  those that are gone are passed over
     * @return list<BoardTool>
     */
    public static function chosen(Bench $bench, array $ids): array
    {
        return array_values(
            self::of($bench)
                ->whereIn('id', $ids)
                ->map(static fn (Tool $tool): BoardTool => BoardTool::of($tool->toCore()))
                ->all(),
        );
    }

    public static function form(Bench $bench, ShadowBoard $board, LengthFormatter $format): ShadowBoardForm
    {
        $exact = static fn (float $mm): string => LengthFormatter::decimal($mm, 3).' mm';

        return ShadowBoardForm::of(
            $exact($board->width_mm),
            $exact($board->height_mm),
            $exact($board->room_mm),
            self::chosen($bench, $board->tools),
            $format,
        );
    }
}
