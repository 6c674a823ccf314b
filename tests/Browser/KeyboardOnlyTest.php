<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** The thread without a pointer: every control is reached with Tab and worked with a key. */
final class KeyboardOnlyTest extends BrowserTestCase
{
    private const MOST_TABS = 60;

    private function tabTo(string $words): void
    {
        $focused = fn (): string => (string) $this->browser->executeScript(
            'const e = document.activeElement; return e === document.body ? "" : [e.innerText, e.ariaLabel, '
                .'...(e.labels ? [...e.labels].map(l => l.innerText) : [])].join(" ")',
        );
        for ($tab = 0; $tab < self::MOST_TABS; $tab++) {
            if (str_contains($focused(), $words)) {
                return;
            }
            $this->keys(WebDriverKeys::TAB);
        }
        self::fail("“{$words}” is not reached with Tab; the last was “{$focused()}”.");
    }

    public function test_choose_sharpen_and_true_without_a_pointer(): void
    {
        $this->open('/kit');
        $this->tabTo('Got it: hang it up');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees("//*[@data-testid='tool-rebate-plane'][@data-status='owned']");
        $this->tabTo('Works as it is');
        $this->keys(WebDriverKeys::ENTER);

        $this->open('/edges');
        $this->tabTo('12 mm chisel');
        $this->keys(WebDriverKeys::ENTER);
        $this->seesText('3 strokes on the 1000 stone');
        $this->tabTo('Start at the bench');
        $this->keys(WebDriverKeys::ENTER);
        foreach (
            [
                'Fetch the 1000',
                'One stroke a beat',
                'A burr along',
                'Fetch the 8000',
                'One stroke a beat',
                'No scratch of the last',
            ] as $seen
        ) {
            $this->seesText($seen);
            if ($seen === 'One stroke a beat') {
                $counted = fn (): int => (int) $this->sees("//*[@data-testid='count']")->getText();
                Server::until(fn (): bool => $counted() > 0, 'a stroke to be counted');
            }
            $this->keys(' ');
        }
        $this->seesText('The 12 mm chisel is sharp.');
        $this->open('/edges/day');
        $this->tabTo('Start the day at the bench');
        $this->keys(WebDriverKeys::ENTER);
        $this->seesText('step 1 of');
        $this->walkTheDay(fn () => $this->keys(' '));

        $this->open('/true');
        $this->tabTo('200 mm try square');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees("//h1[. = '200 mm try square']");
        $this->tabTo('reading 1');
        $this->keys('0.03');
        $this->seesText('Leave it alone');
        $this->keys(WebDriverKeys::CONTROL, WebDriverKeys::ENTER);
        $this->seesText('It can be trusted.');
        $this->open('/');
        $this->seesText('Ready for the hive bodies.');
    }

    public function test_a_plan_is_chosen_and_begun_without_a_pointer(): void
    {
        $this->open('/true/plans');
        $this->tabTo('bench hook');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees("//h1[. = 'Bench hook']");
        // Enter goes to the next size and begins nothing.
        $this->tabTo('Length');
        $this->keys('300', WebDriverKeys::ENTER);
        $label = fn (): string => (string) $this->browser->executeScript(
            'return document.activeElement.labels?.[0]?.innerText ?? ""',
        );
        Server::until(static fn (): bool => str_contains($label(), 'Width'), 'the field of the width', 10);
        $this->seesText('300 mm × 174 mm × 18 mm');
        $this->tabTo('Room for the saw');
        $this->keys('20');
        $this->seesText('Each stop is 154 mm long');
        $this->tabTo('Begin to make it');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees("//h1[. = 'bench hook']");
        $this->tabTo('To the bench');
        $this->keys(WebDriverKeys::ENTER);
        // The steps stand on the page before, too: what is waited for is bench mode.
        $this->seesText('step 1 of 3');
        foreach (
            [
                'Saw out and plane',
                'No light under',
                'Square the ends',
                'Square from both edges',
                'Glue the stops',
                'no glue in the corner',
            ] as $seen
        ) {
            $this->seesText($seen);
            $this->keys(' ');
        }
        $this->seesText('Done for now.');
    }
}
