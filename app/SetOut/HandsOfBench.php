<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Bench\Bench;
use App\School\KitSettings;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use App\Work\Work;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\SetOut\Hands;

/** Who sets out at a bench: the tools that hang there, and its school. */
final class HandsOfBench
{
    public static function of(Bench $bench, ?Work $work = null): Hands
    {
        $tools = Tool::of($bench)->where('status', ToolStatus::Owned->value)->oldest('id')->get()
            ->filter(static fn (Tool $tool): bool => $tool->isAtHand())
            ->map(static fn (Tool $tool): ToolAtHand => $tool->toCore());

        return new Hands(
            array_values($tools->all()),
            KitSettings::now($bench)->school(),
            $work->hardness ?? Hardness::Soft,
        );
    }
}
