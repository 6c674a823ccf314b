<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The thread a newcomer walks, from a bench that is not ready to one that is. */
final class ThreadTest extends BrowserTestCase
{
    public function test_choose_sharpen_true_and_ready(): void
    {
        $this->open('/');
        self::assertStringEndsWith(' times.', $this->nextStroke());
        $this->seesText('Before the hive bodies: one tool to get, and five things to see to, about 21 minutes.');

        $this->chooses();
        $this->sharpensOverAClosedBrowser();
        $this->takesTheRestTogether();
        $this->trues();

        $this->open('/');
        $this->seesText('Ready for the hive bodies.');
        $this->aPowerCutLosesNothing();
    }

    private function chooses(): void
    {
        $this->sees("//a[contains(., 'Get a rebate plane')]")->click();
        $this->seesText('Get the rebate plane, 30 mm iron, beech: € 65.');
        $this->open('/kit');
        $this->seesText('Get the rebate plane, 30 mm iron, beech: € 65.');
        self::assertSame('wanted', $this->sees("//*[@data-testid='tool-rebate-plane']")->getAttribute('data-status'));
        $this->press('Got it: hang it up');
        $this->seesText('Make the paring block: about 20 minutes, € 2 of wood.');
        $this->seesText('can be made');
        $this->seesText('How is the rebate plane');
        $this->press('Works as it is');
        $this->sees("//*[@data-testid='tool-rebate-plane'][@data-status='owned']");
    }

    private function sharpensOverAClosedBrowser(): void
    {
        $this->open('/edges');
        $this->sees("//a[contains(., '12 mm chisel')]")->click();
        $this->seesText('3 strokes on the 1000 stone, then 6 on the 8000 stone.');
        $this->sees("//*[@data-testid='taken']");
        $this->press('Start at the bench');
        $this->seesText('Fetch the 1000 stone');
        $this->sees("//*[@data-testid='next']")->click();
        $counted = fn (): int => (int) $this->sees("//*[@data-testid='count']")->getText();
        Server::until(fn (): bool => $counted() >= 2, 'two strokes to be counted');
        $address = $this->browser->getCurrentURL();
        $this->browser->quit();

        $this->browser = $this->newBrowser();
        $this->browser->get($address);
        self::assertGreaterThanOrEqual(2, $counted());
        $this->keys(' ');
        $this->seesText('A burr along the whole edge');
        $looked = $counted();
        $this->press('Not yet: more strokes');
        Server::until(fn (): bool => $counted() > $looked, 'more strokes to be counted');
        $this->keys(' ');
        $this->seesText('A burr along the whole edge');
        $this->press('+5');
        foreach (['Yes: next', 'On the stone: count', 'Done', '+5', 'Yes: it is sharp'] as $button) {
            $this->press($button);
        }
        $this->seesText('The 12 mm chisel is sharp.');
    }

    private function takesTheRestTogether(): void
    {
        $this->open('/edges/day');
        $this->press('Start the day at the bench');
        $this->seesText('step 1 of');
        $this->walkTheDay();
    }

    private function trues(): void
    {
        $this->open('/true');
        $this->sees("//a[contains(., '200 mm try square')]")->click();
        foreach (['0.30', '0.34', '0.32'] as $index => $gap) {
            if ($index > 0) {
                $this->press('add another reading');
            }
            $this->type('reading '.($index + 1), $gap);
        }
        $this->seesText('Take 4 shavings off the heel, running out to nothing at the tip. Then test again.');
        $this->sees("//*[@data-testid='answer'][contains(., '0.16 mm')]");
        $this->sees("//*[@data-testid='wedge']");
        $this->press('Planed it already');
        $this->seesText('outside; 4 shavings off the heel');
        $this->type('reading 1', '0.03');
        $this->seesText('Leave it alone: it is square enough for this work.');
        $this->press('Record this test');
        $this->seesText('It can be trusted.');
    }

    private function aPowerCutLosesNothing(): void
    {
        self::server()->kill();
        self::server()->start();
        $this->open('/');
        $this->seesText('Ready for the hive bodies.');
        $this->open('/diary');
        foreach (['Got the rebate plane', 'Honed the 12 mm chisel', 'Took 4 shavings off the heel'] as $entry) {
            $this->seesText($entry);
        }
    }
}
