<?php

declare(strict_types=1);

namespace App\ShadowBoard;

use App\Bench\Bench;
use App\Http\FieldResource;
use App\Http\OutlineResource;
use App\Http\Shared;
use App\Kit\KindResource;
use App\Kit\Tool;
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
    /** @return array<string, mixed> */
    public static function all(Bench $bench, LengthFormatter $format): array
    {
        return [
            'boards' => array_values(
                $bench
                    ->shadowBoards()
                    ->oldest('id')
                    ->get()
                    ->map(static fn (ShadowBoard $board): array => self::board($board, $format))
                    ->all(),
            ),
            'tools' => array_values(
                ToolsToHang::of($bench)
                    ->map(
                        static fn (Tool $tool): array => [
                            'id' => $tool->id,
                            'name' => $tool->name,
                            'group' => $tool->kindOfTool()->group->value,
                            'isUsual' => BoardTool::hangs($tool->kind),
                        ],
                    )
                    ->all(),
            ),
            'groups' => KindResource::groups(),
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(ShadowBoardForm $sheet): array
    {
        $tiles =
            $sheet->panel === null || $sheet->arrangement === null
                ? []
                : ShadowBoardPrint::tiles('', $sheet->panel, $sheet->arrangement);

        return [
            'figures' => FieldResource::readings($sheet->form),
            'panel' => $sheet->panel === null
                    ? null
                    : ['widthMm' => $sheet->panel->width, 'heightMm' => $sheet->panel->height],
            'hung' => array_map(self::hung(...), $sheet->arrangement->hung ?? []),
            'left' => array_map(
                static fn (LeftOut $left): array => [
                    'id' => (int) $left->tool->id,
                    'name' => $left->tool->name,
                    'says' => $sheet->why($left),
                ],
                $sheet->arrangement->left ?? [],
            ),
            'sheets' => array_map(
                static fn (Tile $tile): array => [
                    'name' => $tile->name,
                    'xMm' => $tile->window->left,
                    'yMm' => $tile->window->top,
                    'widthMm' => $tile->window->width,
                    'heightMm' => $tile->window->height,
                ],
                $tiles,
            ),
            'next' => Shared::advice($sheet->next(count($tiles))),
            'sound' => $sheet->isSound(),
        ];
    }

    /** @return array<string, mixed> */
    private static function board(ShadowBoard $board, LengthFormatter $format): array
    {
        return [
            'id' => $board->id,
            'version' => $board->version,
            'name' => $board->name,
            'width' => $format->typed($board->width_mm),
            'height' => $format->typed($board->height_mm),
            'room' => $format->typed($board->room_mm),
            'tools' => $board->tools,
        ];
    }

    /** @return array<string, mixed> */
    private static function hung(Hung $hung): array
    {
        return [
            'id' => (int) $hung->tool->id,
            'name' => $hung->tool->name,
            'xMm' => round($hung->x, 1),
            'yMm' => round($hung->y, 1),
            'isTurned' => $hung->isTurned,
            'outline' => OutlineResource::of($hung->outline),
        ];
    }
}
