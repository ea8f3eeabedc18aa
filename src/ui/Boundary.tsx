'use client';

import { Component, type ReactNode } from 'react';
import { Button } from './Button';

interface Props {
  /** What failed, as it is called on the screen: "The rack". */
  readonly what: string;
  /** Shown instead, where there is something better than a sentence. */
  readonly instead?: ReactNode;
  readonly children: ReactNode;
}

/** One part of the page that may fail without taking the rest with it. */
export class Boundary extends Component<Props, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError(): { readonly failed: boolean } {
    return { failed: true };
  }

  override render(): ReactNode {
    const { what, instead, children } = this.props;
    if (!this.state.failed) return children;
    return (
      instead ?? (
        <div role="alert" className="flex flex-col items-start gap-2 border-l-2 border-buoy p-3">
          <p>{what} could not be shown. What you recorded is safe.</p>
          <Button onClick={() => this.setState({ failed: false })}>Try again</Button>
        </div>
      )
    );
  }
}
