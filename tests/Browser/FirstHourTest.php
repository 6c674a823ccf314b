<?php

declare(strict_types=1);

namespace Tests\Browser;

/** How many presses the first hour takes: two old tools, a small purse, a box to make. */
final class FirstHourTest extends BrowserTestCase
{
    private const TO_A_LADDER = 12;

    private const TO_A_HONING = 4;

    private int $pressed = 0;

    public function test_hand_me_downs_a_work_and_a_first_ladder(): void
    {
        self::php('tests/Support/clear-own-benches.php');
        self::artisan('demo:leave');
        $this->open('/');
        $this->follow('Choose a work');
        $this->follow('dovetailed box');
        $this->act('Add this work');
        $this->seesText('Get the abrasive paper on glass');
        $this->follow('Board');
        $this->follow('Add a tool');
        foreach (['Bench planes' => 'smoothing plane', 'Chisels' => 'bevel-edge chisel'] as $group => $kind) {
            $this->act($group);
            $this->act($kind);
            $this->act('Hang it up');
            $this->seesText("✓ $kind");
        }
        $this->follow('Ladder');
        $this->seesText('Get the abrasive paper on glass');
        $this->seesText('Dovetailed box, roughly made:');
        self::assertLessThanOrEqual(self::TO_A_LADDER, $this->pressed);

        // Nobody has looked at them: they are not called sharp.
        $this->open('/edges');
        $this->seesText('Nobody has looked at them yet');
        $this->seesText('Not looked at yet');
        self::assertStringNotContainsString('✓ Sharp', $this->said());
    }

    public function test_a_first_honing_is_recorded(): void
    {
        $this->open('/');
        $this->follow('Hone the 12 mm chisel.');
        $this->act('Touched up');
        $this->seesText('✓ in its diary');
        self::assertLessThanOrEqual(self::TO_A_HONING, $this->pressed);
        $this->open('/edges');
        $this->seesText('3 of 12 want honing');
    }

    private function act(string $button): void
    {
        $this->press($button);
        $this->pressed++;
    }

    /** A link, or what has taken its place. */
    private function follow(string $says): void
    {
        $link = $this->sees("(//a[contains(., '$says')] | //button[contains(., '$says')])[1]");
        $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$link]);
        $link->click();
        $this->pressed++;
    }
}
