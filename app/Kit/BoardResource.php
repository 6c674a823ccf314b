<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\OutlineResource;
use App\Kit\Answer\BoardShapeAnswer;
use App\Kit\Answer\BoardToolAnswer;
use App\Tool\Tool;
use JackRest\Core\Outline\Outlines;

/** What hangs on the board. Tools of one kind and size have one shape, and that is told once. */
final class BoardResource
{
    /** @var array<string, int> place of each shape by kind and sizes */
    private array $places = [];

    /** @var list<BoardShapeAnswer> */
    public array $shapes = [];

    public function tool(Tool $tool, bool $isIdle): BoardToolAnswer
    {
        return new BoardToolAnswer(
            id: $tool->id,
            name: $tool->name,
            status: $tool->status,
            shape: $this->shape($tool),
            isIdle: $isIdle,
            lentTo: $tool->lent_on === null ? null : $tool->lent_to,
        );
    }

    private function shape(Tool $tool): int
    {
        $core = $tool->toCore();
        $key = $core->kind.json_encode($core->sizes(), JSON_THROW_ON_ERROR);
        if (! isset($this->places[$key])) {
            $this->places[$key] = count($this->shapes);
            $this->shapes[] = new BoardShapeAnswer(
                kind: $tool->kind,
                group: $tool->kindOfTool()->group->value,
                outline: OutlineResource::small(Outlines::ofTool($core)),
            );
        }

        return $this->places[$key];
    }
}
