import { Select, type SelectProps } from 'antd';

/** A choice from a list; the list that opens carries the same name as the field. */
export function Choice<Value>(props: SelectProps<Value> & { 'aria-label': string }) {
  const label = props['aria-label'];
  return (
    <Select<Value>
      popupMatchSelectWidth={false}
      {...props}
      popupRender={(menu) => (
        <div
          ref={(node) => {
            node?.querySelector('[role=listbox]')?.setAttribute('aria-label', label);
          }}
        >
          {menu}
        </div>
      )}
    />
  );
}
