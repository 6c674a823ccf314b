<?php

declare(strict_types=1);

namespace App\ShadowBoard;

use App\Bench\Bench;
use App\Http\Answer\NextAnswer;
use App\Http\OutlineResource;
use App\ShadowBoard\Answer\HungToolAnswer;
use App\ShadowBoard\Answer\LeftToolAnswer;
use App\ShadowBoard\Answer\PanelAnswer;
use App\ShadowBoard\Answer\PrintedTileAnswer;
use App\ShadowBoard\Answer\ShadowBoardAnswer;
use App\ShadowBoard\Answer\ShadowBoardPreviewAnswer;
use App\ShadowBoard\Answer\ShadowBoardsAnswer;
use App\ShadowBoard\Answer\ToolToHangAnswer;
use App\Tool\KindResource;
use App\Tool\Tool;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\ShadowBoard\BoardTool;
use JackRest\Core\ShadowBoard\Hung;
use JackRest\Core\ShadowBoard\LeftOut;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\ShadowBoard\ShadowBoardForm;
use JackRest\Desk\ShadowBoard\ShadowBoardPrint;

/** Shadow boards: as they are kept, and as they are being laid out. */
final class ShadowBoardResource
{
    public static function all(Bench $bench, LengthFormatter $format): ShadowBoardsAnswer
    {
        return new ShadowBoardsAnswer(
            boards: array_values(
                ShadowBoard::of($bench)
                    ->oldest('id')
                    ->get()
                    ->map(static fn (ShadowBoard $board): ShadowBoardAnswer => self::board($board, $format))
                    ->all(),
            ),
            tools: array_values(
                ToolsToHang::of($bench)
                    ->map(
                        static fn (Tool $tool): ToolToHangAnswer => new ToolToHangAnswer(
                            id: $tool->id,
                            name: $tool->name,
                            group: $tool->kindOfTool()->group->value,
                            isUsual: BoardTool::hangs($tool->kind),
                        ),
                    )
                    ->all(),
            ),
            groups: KindResource::groups(),
        );
    }

    public static function preview(ShadowBoardForm $form): ShadowBoardPreviewAnswer
    {
        $tiles =
            $form->panel === null || $form->arrangement === null
                ? []
                : ShadowBoardPrint::tiles('', $form->panel, $form->arrangement);

        return new ShadowBoardPreviewAnswer(
            figures: $form->form->readings,
            panel: $form->panel === null
                ? null
                : new PanelAnswer(widthMm: $form->panel->width, heightMm: $form->panel->height),
            hung: array_map(self::hung(...), $form->arrangement->hung ?? []),
            left: array_map(
                static fn (LeftOut $left): LeftToolAnswer => new LeftToolAnswer(
                    id: (int) $left->tool->id,
                    name: $left->tool->name,
                    says: $form->why($left),
                ),
                $form->arrangement->left ?? [],
            ),
            sheets: array_map(
                static fn (Tile $tile): PrintedTileAnswer => new PrintedTileAnswer(
                    name: $tile->name,
                    xMm: $tile->window->left,
                    yMm: $tile->window->top,
                    widthMm: $tile->window->width,
                    heightMm: $tile->window->height,
                ),
                $tiles,
            ),
            next: NextAnswer::of($form->next(count($tiles))),
            sound: $form->isSound(),
        );
    }

    private static function board(ShadowBoard $board, LengthFormatter $format): ShadowBoardAnswer
    {
        return new ShadowBoardAnswer(
            id: $board->id,
            version: $board->version,
            name: $board->name,
            width: $format->typed($board->width_mm),
            height: $format->typed($board->height_mm),
            room: $format->typed($board->room_mm),
            tools: $board->tools,
        );
    }

    private static function hung(Hung $hung): HungToolAnswer
    {
        return new HungToolAnswer(
            id: (int) $hung->tool->id,
            name: $hung->tool->name,
            xMm: round($hung->x, 1),
            yMm: round($hung->y, 1),
            isTurned: $hung->isTurned,
            outline: OutlineResource::of($hung->outline),
        );
    }
}
