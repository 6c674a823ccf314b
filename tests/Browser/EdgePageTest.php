<?php

declare(strict_types=1);

namespace Tests\Browser;

final class EdgePageTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->open('/edges');
        $this->sees("//a[contains(., '12 mm chisel')]")->click();
        $this->sees("//h1[. = '12 mm chisel']");
    }

    private function choose(string $condition): void
    {
        $this->sees("//fieldset//label[contains(., '$condition')]")->click();
    }

    public function test_measuring_shows_the_angle_with_its_uncertainty(): void
    {
        $this->type('Bevel, edge to heel', '6.8');
        $this->type('Thickness of the blade', '3,4');
        $this->type('Read to within', '0.1');
        $this->seesText('± 1.1°');
        self::assertStringContainsString('30.0°', $this->sees("//*[@data-testid='angle']")->getText());
        $this->press('Save this angle');
        $this->seesText('Bevel of the 12 mm chisel measured: 30.0° ± 1.1°.');
    }

    public function test_a_nick_asks_for_its_depth_and_then_plans(): void
    {
        $this->choose('Nicked');
        $this->seesText('Type how deep the nick is');
        $this->type('Depth of the nick', '0.05');
        $this->seesText('The nick is gone when the edge has gone back 0.05 mm');
    }

    public function test_a_deep_nick_is_better_ground(): void
    {
        $this->choose('Nicked');
        $this->type('Depth of the nick', '0.4');
        $this->seesText('quicker to grind the bevel back first');
    }

    public function test_the_other_stones_say_why_they_stay_in_the_rack(): void
    {
        $this->seesText('The coarse stone stays in the rack');
        $this->seesText('Local rules and trained teaching come first');
    }

    public function test_a_condition_can_be_noted_without_honing(): void
    {
        $this->choose('Wants a touch-up');
        $this->press('Only note it');
        $this->seesText('Looked at the 12 mm chisel: wants a touch-up.');
        $this->open('/edges');
        $this->seesText('Wants a touch-up');
    }

    public function test_how_shows_the_formula_with_its_basis(): void
    {
        $this->press('how?');
        $this->seesText('Why so many strokes?');
        $this->seesText('A model’s estimate.');
    }

    public function test_undo_and_stop_in_bench_mode(): void
    {
        $this->press('Start at the bench');
        $this->seesText('Fetch the 1000 stone');
        $this->sees("//*[@data-testid='next']")->click();
        $this->seesText('One stroke a beat');
        $this->press('Undo');
        $this->seesText('Fetch the 1000 stone');
        $this->press('Stop here');
        $this->seesText('Stopped. The 12 mm chisel stays on the list.');
        $this->open('/diary');
        $this->seesText('Stopped honing the 12 mm chisel: no stroke counted.');
    }

    public function test_a_session_left_waits_on_the_bench(): void
    {
        $this->press('Start at the bench');
        $this->seesText('Fetch the 1000 stone');
        $this->open('/');
        $this->seesText('Go on honing the 12 mm chisel.');
        $this->sees("//a[contains(., 'Go on honing')]")->click();
        $this->seesText('Fetch the 1000 stone');
    }
}
