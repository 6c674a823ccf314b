<?php

declare(strict_types=1);

namespace JackRest\Desk\ToDo;

enum ChoreKind: string
{
    case ChooseWork = 'choose-work';
    case GetTool = 'get-tool';
    /** What comes next on the ladder costs more than there is to spend. */
    case BudgetEnds = 'budget-ends';
    /** Lent or put away, and wanted now. */
    case FetchTool = 'fetch-tool';
    case SharpenEdge = 'sharpen-edge';
    /** It came in, and nobody has said how it is. */
    case LookAtEdge = 'look-at-edge';
    case LookAtTool = 'look-at-tool';
    case FileSaw = 'file-saw';
    case FinishSession = 'finish-session';
    /** A work that is being made, and rests for nothing. */
    case GoOnWithJob = 'go-on-with-job';
    /** Its id is where the reference's page is. */
    case TestReference = 'test-reference';
}
