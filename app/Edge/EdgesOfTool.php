<?php

declare(strict_types=1);

namespace App\Edge;

use App\Ledger\Changes;
use App\School\KitSettings;
use App\Stone\Stone;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use JackRest\Core\Edge\BevelSchool;
use JackRest\Core\Edge\EdgesOfKind;
use JackRest\Core\Edge\NewEdge;
use JackRest\Core\Edge\ToolCondition;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Rack\StonesOfKind;

/** The edges and stones that come with a tool, hung up together with it. */
final class EdgesOfTool
{
    /**
     * Writes what comes with a tool that is owned: its edges where it has none yet, stones where the rack has none like
     * them.
     *
     * @param  float|null  $price  what was paid for it; null: not told
     */
    public static function bring(
        Changes $changes,
        Tool $tool,
        LengthFormatter $format,
        ?float $price = null,
    ): void {
        if ($tool->status === ToolStatus::Owned) {
            self::stones($changes, $tool->kind, $price);
        }
        if ($tool->status !== ToolStatus::Owned || Edge::ofTool($tool)->exists()) {
            return;
        }
        foreach (EdgesOfKind::of($tool->toCore(), $format) as $edge) {
            self::add($changes, $tool, $edge);
        }
        self::tell($changes, $tool);
    }

    /** What was paid for them together is shared out evenly. */
    private static function stones(Changes $changes, string $kind, ?float $price): void
    {
        $stones = StonesOfKind::of($kind);
        foreach ($stones as $index => $stone) {
            if ($index === 0 && Stone::of($changes->bench)->where('medium', $stone->medium->value)->exists()) {
                return;
            }
            $changes->create(Stone::of($changes->bench), [
                ...Stone::columns($stone),
                'price' => $price === null ? null : round($price / count($stones), 2),
            ]);
        }
    }

    /** What a tool was found to be says how its edges are that nobody has looked at. */
    public static function tell(Changes $changes, Tool $tool): void
    {
        foreach (Edge::ofTool($tool)->where('condition', Edge::UNKNOWN)->get() as $edge) {
            $condition = self::condition($tool->condition, $edge);
            if ($condition !== Edge::UNKNOWN) {
                $changes->update($edge, ['condition' => $condition]);
            }
        }
    }

    public static function add(Changes $changes, Tool $tool, NewEdge $edge): Edge
    {
        $school = BevelSchool::from(KitSettings::now($changes->bench)->school()->says('bevel'));
        $names = Edge::of($changes->bench)->pluck('name')->all();

        return $changes->create(Edge::of($changes->bench), [
            ...Edge::columns($edge, $school),
            'name' => self::unlike($edge->name, $names),
            'tool_id' => $tool->id,
        ]);
    }

    private static function condition(?ToolCondition $found, Edge $edge): string
    {
        return match ($found) {
            null, ToolCondition::Unknown => Edge::UNKNOWN,
            default => $found->needOf($edge->toCore())->value ?? Edge::SHARP,
        };
    }

    /**
     * The diary tells edges apart by their names.
     *
     * @param  array<mixed>  $names
     */
    private static function unlike(string $name, array $names): string
    {
        $unlike = $name;
        for ($number = 2; in_array($unlike, $names, true); $number++) {
            $unlike = "$name ($number)";
        }

        return $unlike;
    }
}
