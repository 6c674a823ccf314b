<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Bench\Bench;
use App\Work\Work;
use Illuminate\Support\Collection;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\OfWork;
use JackRest\Desk\SetOut\SetOutForm;
use JackRest\Desk\SetOut\SettingsCard;

/** Everything that is set out for a work, and the card of its settings. */
final readonly class CardOfWork
{
    /** @var Collection<int, SetOut> in the order they were set out */
    public Collection $kept;

    /** @var array<int, SetOutForm> by id */
    public array $forms;

    public OfWork $numbers;

    public SettingsCard $card;

    public function __construct(Bench $bench, public Work $work, LengthFormatter $format)
    {
        $this->numbers = self::numbers($work);
        $this->kept = SetOut::of($bench)->where('work_id', $work->id)->oldest('id')->get()->toBase();
        $hands = HandsOfBench::of($bench, $work);
        $this->forms = $this->forms($hands, $format);
        $this->card = SettingsCard::of($this->settings(), $hands);
    }

    public static function numbers(Work $work): OfWork
    {
        $measures = [];
        foreach ($work->patternOfWork()->measures ?? [] as $measure) {
            $measures[$measure->name] = (float) ($work->measures[$measure->name] ?? $measure->usual);
        }

        return new OfWork($work->pattern, $measures);
    }

    /** @return array<int, SetOutForm> */
    private function forms(Hands $hands, LengthFormatter $format): array
    {
        $forms = [];
        foreach ($this->kept as $kept) {
            $forms[$kept->id] = $kept->question->answered(
                $kept->typed,
                [...$this->numbers->chosen($kept->question), ...$kept->choices],
                $hands,
                $format,
                $this->numbers->usual($kept->question),
            );
        }

        return $forms;
    }

    /** @return list<array{string, \JackRest\Desk\SetOut\ToolSetting}> */
    private function settings(): array
    {
        $settings = [];
        foreach ($this->kept as $kept) {
            foreach ($this->forms[$kept->id]->answer->settings ?? [] as $setting) {
                $settings[] = [$kept->label(), $setting];
            }
        }

        return $settings;
    }
}
