<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Core\Setting\GaugePlan;
use JackRest\Desk\Print\CardLine;

/**
 * All settings of a work in the order they are used, each gauge kept set until it is not wanted any more: the fewest
 * settings, and then the fewest gauges, for those at hand.
 */
final readonly class SettingsCard
{
    /** Which kind of gauge a setting's tool is, and what counts as one of them at hand. */
    public const GAUGES = [
        'marking gauge' => ['marking-gauge', 'cutting-gauge', 'wheel-gauge'],
        'mortise gauge' => ['mortise-gauge'],
    ];

    /**
     * @param  list<CardRow>  $rows
     * @param  array<string, GaugePlan>  $plans  by the gauge
     */
    private function __construct(public array $rows, private array $plans)
    {
    }

    /**
     * @param  list<array{string, ToolSetting}>  $settings  what is set out, and a setting of it, in the order of work
     */
    public static function of(array $settings, Hands $hands): self
    {
        $plans = [];
        foreach (self::GAUGES as $gauge => $kinds) {
            $uses = [];
            foreach ($settings as [, $setting]) {
                if ($setting->tool === $gauge && $setting->gauge !== null) {
                    $uses[] = $setting->gauge;
                }
            }
            $plans[$gauge] = GaugePlan::of($uses, max(1, count($hands->of(...$kinds))));
        }
        $rows = [];
        $at = array_fill_keys(array_keys(self::GAUGES), 0);
        foreach ($settings as [$of, $setting]) {
            $step = isset($plans[$setting->tool]) && $setting->gauge !== null
                ? $plans[$setting->tool]->steps[$at[$setting->tool]++]
                : null;
            $rows[] = new CardRow(
                $of,
                $step === null || $plans[$setting->tool]->gauges < 2
                    ? $setting->tool
                    : "{$setting->tool} {$step->gauge}",
                $setting->for,
                $setting->to,
                $step === null || $step->isSet,
            );
        }

        return new self($rows, $plans);
    }

    /** How often the gauges are set, and why no oftener. */
    public function sentence(): ?string
    {
        $settings = array_sum(array_map(static fn (GaugePlan $plan): int => $plan->settings, $this->plans));
        $gauges = array_sum(array_map(static fn (GaugePlan $plan): int => $plan->gauges, $this->plans));
        if ($settings === 0) {
            return null;
        }
        $kept = array_sum(array_map(static fn (GaugePlan $plan): int => count($plan->steps), $this->plans)) - $settings;
        $with = $gauges === 1 ? 'one gauge' : "$gauges gauges";
        $times = $settings === 1 ? 'once' : "$settings times";

        return "Set $times, with $with".match (true) {
            $kept === 0 => '; no setting comes twice.',
            $kept === 1 => '; one setting is kept and used again.',
            default => "; $kept settings are kept and used again.",
        };
    }

    /** @return list<CardLine> */
    public function lines(): array
    {
        return array_map(static fn (CardRow $row): CardLine => new CardLine(
            ucfirst($row->tool).': '.$row->for.($row->isSet ? '' : ' (still set)'),
            $row->to,
        ), $this->rows);
    }
}
