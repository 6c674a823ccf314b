<?php

declare(strict_types=1);

namespace App\Tool;

use App\Http\OutlineResource;
use App\Tool\Answer\ToolAnswer;
use JackRest\Core\Outline\Outlines;

final class ToolResource
{
    /**
     * @param  bool  $isIdle  whether it stands idle, where that is asked for
     */
    public static function of(Tool $tool, bool $isIdle = false): ToolAnswer
    {
        $kind = $tool->kindOfTool();

        return new ToolAnswer(
            id: $tool->id,
            version: $tool->version,
            kind: $tool->kind,
            name: $tool->name,
            says: $kind->says,
            group: $kind->group->value,
            status: $tool->status,
            outline: OutlineResource::of(Outlines::ofTool($tool->toCore())),
            price: $tool->price,
            isIdle: $isIdle,
            lentTo: $tool->lent_on === null ? null : $tool->lent_to,
            awayOn: $tool->away_on,
        );
    }
}
