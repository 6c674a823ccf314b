<?php

declare(strict_types=1);

namespace App\Tool;

use App\Ledger\Record;

/**
 * A tool was used; for edges their own diary says so as well.
 *
 * @property int $tool_id
 * @property int|null $work_id the work it was used for
 * @property string $used_on
 */
final class ToolUse extends Record
{
}
