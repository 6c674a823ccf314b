<?php

declare(strict_types=1);

namespace App\Http;

use App\Kit\Tool;
use App\Ledger\Record;
use App\Making\Making;
use App\Reference\ReferencesOfTool;
use JackRest\Desk\ToDo\Topic;
use LogicException;

/** What a line is about, by kind and number. Which page that is, the front end knows. */
final class RecordLink
{
    public static function to(Record $record): Topic
    {
        return new Topic($record instanceof Tool ? $record->pageKind() : $record->getMorphClass(), $record->id);
    }

    /** What was made: where its first test is made, or the tool itself. */
    public static function toMade(Making $making): Topic
    {
        $tool = $making->tool ?? throw new LogicException('what is made hangs on the board');

        return self::to(ReferencesOfTool::broughtBy($tool) ?? $tool);
    }
}
