<?php

declare(strict_types=1);

namespace App\Making;

use App\Ledger\Changes;
use App\Reference\ReferencesOfTool;
use App\Session\BenchSession;
use App\Session\SessionEnd;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Support\Carbon;
use JackRest\Core\Kit\ToolNamer;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Making\Made;
use JackRest\Desk\Making\PlanSizes;
use LogicException;

/** One stage of a making as bench mode walks it, and what it leaves: steps done, a wait, or a tool on the board. */
final readonly class MakingEnd implements SessionEnd
{
    /** Sizes that differ by no more than this are the same tool. */
    private const ALIKE = 0.25;

    private Making $making;

    /** Steps of the making that are done when this session ends here. */
    private int $done;

    public function __construct(private BenchSession $session, bool $isDone)
    {
        $this->making =
            $session->subject instanceof Making
                ? $session->subject
                : throw new LogicException('a session of making has something to make');
        $this->done = $this->making->done + ($isDone ? count($session->steps) : $session->at_step);
    }

    public function entryKind(): string
    {
        return 'made-on';
    }

    public function write(Changes $changes, string $now): void
    {
        $isMade = $this->done === count($this->making->steps);
        $wait =
            $this->done === $this->making->done || $isMade
                ? 0.0
                : $this->making->steps[$this->done - 1]['waitDays'];
        $changes->update($this->making, [
            'done' => $this->done,
            'waits_until' => $wait > 0
                ? Carbon::parse($now)->addMinutes((int) (1440 * $wait))->toIso8601ZuluString()
                : null,
            ...$isMade ? ['state' => 'made', 'tool_id' => $this->hang($changes)->id] : [],
        ]);
    }

    public function sentence(): string
    {
        $name = $this->making->name;
        if ($this->done === count($this->making->steps)) {
            return "Made the $name; it hangs on the board.";
        }
        $count = $this->done - $this->making->done;
        $waits = $count > 0 ? $this->making->steps[$this->done - 1]['waitsFor'] : '';

        return match (true) {
            $count === 0 => "Stopped at the $name, with no step done.",
            $waits !== '' => "Made on at the $name: $count ".
                ($count === 1 ? 'step' : 'steps').
                '. It waits now: '.
                $waits.
                '.',
            default => "Made on at the $name: $count ".($count === 1 ? 'step.' : 'steps.'),
        };
    }

    /** The tool comes with its reference, which knows its wood and has never been tested. */
    private function hang(Changes $changes): Tool
    {
        $made = $this->making->plan->of(new PlanSizes(array_map(floatval(...), $this->making->sizes)))->made();
        $columns = [
            'name' => (new ToolNamer())->name(ToolKinds::named($made->kind), $made->sizes).
                ($this->making->wood === null ? '' : ", {$this->making->wood['species']}"),
            'status' => ToolStatus::Owned,
            'size' => $made->sizes,
            'hung_on' => Carbon::now()->toDateString(),
        ];
        $tool = $this->wanted($changes, $made);
        if ($tool === null) {
            $tool = $changes->create(Tool::of($changes->bench), ['kind' => $made->kind, ...$columns]);
        } else {
            $changes->update($tool, $columns);
        }
        ReferencesOfTool::bring($changes, $tool);
        $reference = ReferencesOfTool::broughtBy($tool);
        if ($reference !== null && $this->making->wood !== null) {
            $changes->update($reference, ['wood' => $this->making->wood]);
        }

        return $tool;
    }

    /** One on the list of what is wanted, of about this size: now it is there. */
    private function wanted(Changes $changes, Made $made): ?Tool
    {
        $wanted = Tool::of($changes->bench)
            ->where('kind', $made->kind)
            ->where('status', ToolStatus::Wanted)
            ->oldest('id')
            ->get();

        return $wanted->first(static function (Tool $tool) use ($made): bool {
            $sizes = $tool->toCore()->sizes();
            foreach ($made->sizes as $name => $mm) {
                if (isset($sizes[$name]) && abs($sizes[$name] - $mm) > self::ALIKE * $mm) {
                    return false;
                }
            }

            return true;
        });
    }
}
